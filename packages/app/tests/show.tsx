import { render } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { PaperProvider, Portal } from 'react-native-paper';
import { StudioFactsProvider } from '../src/features/shell/StudioContext';
import { chalkTheme } from '../src/theme/paper';

const studio = (unit: 'kg' | 'lb') => ({ id: 'studio-01', version: 1, name: 'Test', unit, timeZone: 'UTC' });
const trainer = { id: 'trainer-1', name: 'T', loginName: 'tee' };

const framed = (element: ReactElement, unit: 'kg' | 'lb') => (
  <PaperProvider theme={chalkTheme}>
    <StudioFactsProvider facts={{ studio: studio(unit), trainer, unit, demo: false }}>
      <Portal.Host>{element}</Portal.Host>
    </StudioFactsProvider>
  </PaperProvider>
);

/** Draws something as it stands in the app: themed, signed in, with room for dialogs. */
export const show = (element: ReactElement, { unit = 'kg' as 'kg' | 'lb' } = {}) => {
  const drawn = render(framed(element, unit));
  return { ...drawn, again: (next: ReactElement) => drawn.rerender(framed(next, unit)) };
};
