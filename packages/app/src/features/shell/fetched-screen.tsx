import { lazy, Suspense } from 'react';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { SPACE } from '../../theme/tokens';
import { Txt } from '../../ui/Txt';

/**
 * A screen that is fetched with its place when it is first opened, so that the floor loads without it. Meanwhile words
 * alone: a turning indicator updates with every frame, and each update would put off drawing what was fetched.
 */
export const fetchedScreen = (what: string) => (load: () => Promise<ComponentType>) => {
  const Screen = lazy(async () => ({ default: await load() }));
  const Waiting = () => (
    <View role="status" style={{ padding: SPACE.xl }}>
      <Txt tone="quiet">Loading {what}</Txt>
    </View>
  );
  return function FetchedScreen() {
    return (
      <Suspense fallback={<Waiting />}>
        <Screen />
      </Suspense>
    );
  };
};
