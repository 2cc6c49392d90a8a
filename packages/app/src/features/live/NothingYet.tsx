import { StyleSheet } from 'react-native';
import { Button } from '../../ui/Button';
import { Stack } from '../../ui/layout';
import { Empty } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import type { MoreChoice } from './MoreDialog';
import type { Live } from './use-live';

/** A session without an exercise: started without a sheet, or all of it left out. */
export const NothingYet = ({ live, onOpen }: { live: Pick<Live, 'problem'>; onOpen(open: MoreChoice): void }) => (
  <Stack gap="l" style={styles.box}>
    <Empty
      title="Nothing in this session yet"
      text="Add what you do as you do it. Each exercise comes with a dose for this person."
    >
      <Button look="main" size="live" label="Add an exercise" onPress={() => onOpen('add')} />
    </Empty>
    {live.problem && (
      <Txt role="alert" tone="clay">
        {live.problem}
      </Txt>
    )}
    <Button look="danger" label="Discard the session" onPress={() => onOpen('discard')} />
  </Stack>
);

const styles = StyleSheet.create({ box: { flexGrow: 1, justifyContent: 'center' } });
