import { Slot, usePathname } from 'expo-router';
import { useCallback, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { StyleSheet, View } from 'react-native';
import { useOfflinePack } from '../data/use-offline-pack';
import { usePalette } from '../theme/use-palette';
import { BrokenScreen } from './BrokenScreen';
import { KeyList } from './KeyList';
import { PlaceBar } from './PlaceBar';
import { SnackProvider } from './SnackProvider';
import { StorageProblem } from './StorageProblem';
import { UpdatePrompt } from './UpdatePrompt';
import { usePlaceKeys } from './use-place-keys';
import { useWide } from './use-wide';

/** Screens that use the whole phone: their main action sits where the bar would be. */
const WITHOUT_BAR = /^\/((sheet|review|live|studio\/kit)\/|people\/[^/]+\/(intake|screening|referral))/;

/** What stands around every signed-in screen. Live coaching has the floor to itself. */
export const Shell = () => {
  const palette = usePalette();
  const path = usePathname();
  const { isWide } = useWide();
  useOfflinePack();
  const isLive = path.startsWith('/live/');
  const [isKeyList, setKeyList] = useState(false);
  // On a sheet and on the floor the letters mean other things.
  usePlaceKeys(
    !isLive && !path.startsWith('/sheet/'),
    useCallback(() => setKeyList(true), []),
  );
  return (
    <SnackProvider isQuiet={isLive}>
      <View style={[styles.fill, { backgroundColor: palette.ground }, isWide && styles.beside]}>
        {isWide && !isLive && <PlaceBar rail />}
        <View style={styles.fill}>
          <StorageProblem />
          <UpdatePrompt />
          <ErrorBoundary FallbackComponent={BrokenScreen} resetKeys={[path]}>
            <Slot />
          </ErrorBoundary>
        </View>
        {isKeyList && <KeyList onClose={() => setKeyList(false)} />}
        {!isWide && !WITHOUT_BAR.test(path) && <PlaceBar rail={false} />}
      </View>
    </SnackProvider>
  );
};

const styles = StyleSheet.create({ fill: { flex: 1 }, beside: { flexDirection: 'row' } });
