import { lazy, Suspense } from 'react';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { SPACE } from '../../theme/tokens';
import { Txt } from '../../ui/Txt';

/**
 * Words alone: a turning indicator updates with every frame, and each update would put off drawing what was fetched.
 */
const Waiting = () => (
  <View role="status" style={{ padding: SPACE.xl }}>
    <Txt tone="quiet">Loading the movements</Txt>
  </View>
);

/** A screen that is fetched with the rest of the Moves place when it is first opened. */
const fetched = (load: () => Promise<ComponentType>) => {
  const Screen = lazy(async () => ({ default: await load() }));
  return function FetchedScreen() {
    return (
      <Suspense fallback={<Waiting />}>
        <Screen />
      </Suspense>
    );
  };
};

export const FetchedLayout = fetched(async () => (await import('./place')).MovesLayout);
export const FetchedMoves = fetched(async () => (await import('./place')).MovesScreen);
export const FetchedMove = fetched(async () => (await import('./place')).MoveScreen);
export const FetchedOwn = fetched(async () => (await import('./place')).OwnScreen);
export const FetchedOwnForm = fetched(async () => (await import('./place')).OwnFormScreen);
