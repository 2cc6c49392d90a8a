import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { AuthStateDto, BodyOf, EndpointId } from '@drubo/contracts';
import { callEndpoint } from './api';
import { keyOf } from './keys';
import { useEndpoint } from './use-endpoint';

/** Who is signed in. Without a network the last answer stands, so the floor opens. */
export const useAuth = () => useEndpoint('getAuth');

type Entry = Extract<EndpointId, 'signIn' | 'openDemo' | 'createFirstTrainer' | 'join'>;

/** Signing in by any of the doors; the answer becomes the new state at once. */
export const useEnter = <Id extends Entry>(id: Id) => {
  const client = useQueryClient();
  return useMutation<AuthStateDto, Error, BodyOf<Id>>({
    mutationFn: (body) => callEndpoint(id, { body }) as Promise<AuthStateDto>,
    onSuccess: (state) => {
      // Whoever was here before may have been of another studio.
      client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'getAuth' });
      client.setQueryData(keyOf('getAuth'), state);
    },
  });
};

/** Signing out forgets everything that was read here. Unsent writes stay, for when their owner is back. */
export const useSignOut = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => callEndpoint('signOut', { body: {} }),
    onSuccess: (state) => {
      client.setQueryData(keyOf('getAuth'), state);
      client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'getAuth' });
    },
  });
};
