import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react-native';
import type { ReactNode } from 'react';
import { aPerson } from '../../tests/builders';
import { RefusedError } from './api';
import { keyOf } from './keys';
import { makeQueryClient } from './query-client';
import { useEnter, useSignOut } from './use-auth';
import { useEndpoint } from './use-endpoint';

const mockCall = jest.fn();
jest.mock('./api', () => ({ ...jest.requireActual('./api'), callEndpoint: (...args: unknown[]) => mockCall(...args) }));

/** A client that plans no clean-up for later, which would keep the test run waiting. */
const aClient = () => new QueryClient({ defaultOptions: { queries: { gcTime: Infinity }, mutations: { gcTime: Infinity } } });

const within = (client: QueryClient) => {
  const Provider = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return Provider;
};
const signedIn = { state: 'signed-in', demo: false, studio: { id: 'studio-02' }, trainer: { id: 'trainer-2' } };
const signedOut = { state: 'signed-out', firstRun: false, demo: false };
const people = keyOf('listPeople');
beforeEach(() => mockCall.mockReset());

it('who signs in sees nothing that was read by somebody before', async () => {
  const client = aClient();
  client.setQueryData(people, [aPerson()]);
  mockCall.mockResolvedValue(signedIn);
  const { result } = renderHook(() => useEnter('signIn'), { wrapper: within(client) });
  await act(async () => void (await result.current.mutateAsync({ loginName: 'ines', password: 'a long quiet pier' })));
  expect(client.getQueryData(people)).toBeUndefined();
  expect(client.getQueryData(keyOf('getAuth'))).toEqual(signedIn);
});

it('signing out shows the doors and forgets what was read; a failed one changes nothing', async () => {
  const client = aClient();
  client.setQueryData(people, [aPerson()]);
  const { result } = renderHook(() => useSignOut(), { wrapper: within(client) });
  mockCall.mockRejectedValueOnce(new Error('away'));
  await act(async () => void (await result.current.mutateAsync().catch(() => undefined)));
  expect(client.getQueryData(people)).toHaveLength(1);
  mockCall.mockResolvedValue(signedOut);
  await act(async () => void (await result.current.mutateAsync()));
  expect([client.getQueryData(people), client.getQueryData(keyOf('getAuth'))]).toEqual([undefined, signedOut]);
});

it('a read refused for want of a sign-in asks again who is signed in', async () => {
  const client = makeQueryClient();
  client.setDefaultOptions({ queries: { ...client.getDefaultOptions().queries, gcTime: Infinity } });
  client.setQueryData(keyOf('getAuth'), signedIn);
  mockCall.mockImplementation(async (id: string) => {
    if (id === 'getAuth') return signedOut;
    throw new RefusedError(401, { code: 'not-signed-in', message: 'Sign in first.' });
  });
  const { result } = renderHook(() => [useEndpoint('getAuth', {}, { staleTime: Infinity }), useEndpoint('listPeople')] as const, {
    wrapper: within(client),
  });
  await waitFor(() => expect(result.current[0].data).toEqual(signedOut));
  expect(result.current[1].error).toBeInstanceOf(RefusedError);
  client.clear();
});
