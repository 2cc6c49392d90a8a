import { StyleSheet, View } from 'react-native';
import { barSetup } from '@drubo/core';
import type { Kit, Load } from '@drubo/core';
import { isSameMass } from '@drubo/core/kit';
import { formatLoad } from '@drubo/words/explain';
import { Plates } from '../../charts/Plates';
import { Pieces } from '../../charts/Pieces';
import { Chip } from '../../ui/Chip';
import { Row, Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.padPanel;

/** Plates enough for the heaviest bar, px. */
const DRAWN = 96;

/** What stands there now comes into sight as the list opens; only the web scrolls a page of its own. */
const inSight = (node: View | null): void =>
  (node as unknown as Partial<HTMLElement> | null)?.scrollIntoView?.({ block: 'center' });

/** Every load the rack makes for this exercise, each drawn: from one end to the other in two taps. */
export const LoadDialog = ({
  loads,
  now,
  kit,
  onTake,
  onClose,
}: {
  loads: readonly Load[];
  now: Load;
  kit: Kit;
  onTake(load: Load): void;
  onClose(): void;
}) => (
  <Modal title={words.chooseALoad} onClose={onClose} closes={words.cancel}>
    <Stack role="list" aria-label={words.chooseALoad} gap="xs">
      {loads.map((load) => {
        const isNow = isSameMass(load.externalKg, now.externalKg);
        const setup = barSetup(kit, load, null);
        return (
          <Row key={load.externalKg} role="listitem" gap="m" align="center">
            <Chip
              grow
              label={formatLoad(load)}
              says={isNow ? words.loadNow(formatLoad(load)) : formatLoad(load)}
              chosen={isNow}
              onPress={() => {
                onTake(load);
                onClose();
              }}
            />
            <View ref={isNow ? inSight : undefined} style={styles.drawn}>
              {setup ? <Plates setup={setup} /> : <Pieces load={load} />}
            </View>
          </Row>
        );
      })}
    </Stack>
  </Modal>
);

const styles = StyleSheet.create({ drawn: { width: DRAWN } });
