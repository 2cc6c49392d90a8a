import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { PaperProvider, Portal } from 'react-native-paper';
import { StudioFactsProvider } from '../src/data/StudioContext';
import { chalkTheme } from '../src/theme/paper';

type Unit = 'kg' | 'lb';
const studio = (unit: Unit, timeZone: string) => ({ id: 'studio-01', version: 1, name: 'Test', unit, timeZone });
const trainer = { id: 'trainer-1', name: 'T', loginName: 'tee', role: 'owner' as const };

/**
 * Nothing is asked of a server here: what a test wants read, it puts into the cache itself. Nothing is let go of later
 * either: such a clock would outlive the test.
 */
export const quietClient = () =>
  new QueryClient({ defaultOptions: { queries: { enabled: false, gcTime: Infinity }, mutations: { gcTime: Infinity } } });

const framed = (element: ReactElement, unit: Unit, timeZone: string, client: QueryClient) => (
  <QueryClientProvider client={client}>
    <PaperProvider theme={chalkTheme}>
      <StudioFactsProvider facts={{ studio: studio(unit, timeZone), trainer, unit, demo: false }}>
        <Portal.Host>{element}</Portal.Host>
      </StudioFactsProvider>
    </PaperProvider>
  </QueryClientProvider>
);

/** Draws something as it stands in the app: themed, signed in, with room for dialogs. */
export const show = (element: ReactElement, { unit = 'kg' as Unit, timeZone = 'UTC', client = quietClient() } = {}) => {
  const drawn = render(framed(element, unit, timeZone, client));
  return { ...drawn, client, again: (next: ReactElement) => drawn.rerender(framed(next, unit, timeZone, client)) };
};
