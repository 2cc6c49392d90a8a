import { useIsRestoring } from '@tanstack/react-query';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { QueueProvider } from '../../data/offline/QueueProvider';
import { useAuth } from '../../data/use-auth';
import { usePalette } from '../../theme/use-palette';
import { Shown } from '../../ui/states';
import { SignInScreen } from '../sign-in/SignInScreen';
import type { StudioFacts } from './StudioContext';
import { StudioFactsProvider } from './StudioContext';
import { Shell } from './Shell';

/** Signed out: the doors in. Signed in: the house, with this trainer's queue. */
export const Gate = () => {
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
        <Shown what="the studio" query={auth}>
          {(now) =>
            now.state === 'signed-in' && facts ? (
              <StudioFactsProvider facts={facts}>
                <QueueProvider owner={`${now.studio.id}/${now.trainer.id}`}>
                  <Shell />
                </QueueProvider>
              </StudioFactsProvider>
            ) : (
              <SignInScreen firstRun={now.state === 'signed-out' && now.firstRun} demo={now.demo} />
            )
          }
        </Shown>
      )}
    </View>
  );
};

const styles = StyleSheet.create({ fill: { flex: 1 } });
