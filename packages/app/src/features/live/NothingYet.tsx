import { StyleSheet } from 'react-native';
import { Button } from '../../ui/Button';
import { Stack } from '../../ui/layout';
import { Empty } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import type { MoreChoice } from './MoreDialog';
import type { Live } from './use-live';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.nothingYet;

/** A session without an exercise: started without a sheet, or all of it left out. */
export const NothingYet = ({ live, onOpen }: { live: Pick<Live, 'problem'>; onOpen(open: MoreChoice): void }) => (
  <Stack gap="l" style={styles.box}>
    <Empty title={words.nothingInThisSession} text={words.addWhatYouDo}>
      <Button look="main" size="live" label={common.addAnExercise} onPress={() => onOpen('add')} />
    </Empty>
    {live.problem && (
      <Txt role="alert" tone="clay">
        {live.problem}
      </Txt>
    )}
    <Button look="danger" label={words.discardTheSession} onPress={() => onOpen('discard')} />
  </Stack>
);

const styles = StyleSheet.create({ box: { flexGrow: 1, justifyContent: 'center' } });
