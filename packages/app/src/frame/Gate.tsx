import { useIsRestoring } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { ComponentType } from 'react';
import { StyleSheet, View } from 'react-native';
import { QueueProvider } from '../data/offline/QueueProvider';
import { useAuth } from '../data/use-auth';
import { usePalette } from '../theme/use-palette';
import { Shown } from '../ui/states';
import type { StudioFacts } from '../data/StudioContext';
import { StudioFactsProvider } from '../data/StudioContext';
import { Shell } from './Shell';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.gate;

/** What the doors in have to know. */
export interface Doors {
  firstRun: boolean;
  demo: boolean;
}

/** Signed out: the doors in. Signed in: the house, with this trainer's queue. */
export const Gate = ({ SignIn }: { SignIn: ComponentType<Doors> }) => {
  const palette = usePalette();
  const auth = useAuth();
  const isRestoring = useIsRestoring();
  const state = auth.data;
  const facts = useMemo<StudioFacts | null>(
    () =>
      state?.state === 'signed-in'
        ? { studio: state.studio, trainer: state.trainer, unit: state.studio.unit, demo: state.demo }
        : null,
    [state],
  );
  return (
    <View style={[styles.fill, { backgroundColor: palette.ground }]}>
      {isRestoring ? null : (
        <Shown what={words.theStudio} query={auth}>
          {(now) =>
            now.state === 'signed-in' && facts ? (
              <StudioFactsProvider facts={facts}>
                <QueueProvider owner={`${now.studio.id}/${now.trainer.id}`}>
                  <Shell />
                </QueueProvider>
              </StudioFactsProvider>
            ) : (
              <SignIn firstRun={now.state === 'signed-out' && now.firstRun} demo={now.demo} />
            )
          }
        </Shown>
      )}
    </View>
  );
};

const styles = StyleSheet.create({ fill: { flex: 1 } });
