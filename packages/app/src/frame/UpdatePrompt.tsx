import { useEffect, useState } from 'react';
import { StyleSheet } from 'react-native';
import { registerShell } from '../data/offline/service-worker';
import { SPACE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Button } from '../ui/Button';
import { Row } from '../ui/layout';
import { Txt } from '../ui/Txt';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.updatePrompt;

/** Offers a newer build once it lies ready; never switches by itself in the middle of a session. */
export const UpdatePrompt = () => {
  const palette = usePalette();
  const [switchOver, setSwitch] = useState<(() => void) | null>(null);
  useEffect(() => {
    registerShell((go) => setSwitch(() => go)).catch((error: unknown) => {
      console.warn('No offline shell:', error);
    });
  }, []);
  if (!switchOver) return null;
  return (
    <Row role="status" gap="s" style={[styles.row, { backgroundColor: palette.mossTint }]}>
      <Txt kind="small" style={styles.text}>
        {words.aNewerDruboIs}
      </Txt>
      <Button label={words.useItNow} look="quiet" onPress={switchOver} />
    </Row>
  );
};

const styles = StyleSheet.create({
  row: { paddingHorizontal: SPACE.l },
  text: { flexGrow: 1, flexShrink: 1 },
});
