import { StyleSheet, View } from 'react-native';
import type { SessionDetailDto } from '@drubo/contracts';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Txt } from '../../ui/Txt';
import { SessionButtons } from './SessionButtons';
import type { Live } from './use-live';

/** Every row of this exercise is logged: on to the next one, or to the end. */
export const ExerciseDone = ({ live, detail }: { live: Live; detail: SessionDetailDto }) => {
  const { exercise, exercises } = live;
  if (!exercise) return null;
  const open = exercises.find(({ isOpen }) => isOpen);
  return (
    <View style={styles.box}>
      <Txt tone="quiet">
        {open ? 'All sets of this exercise are logged.' : 'Every set is logged. Finish the session to see what it decides.'} Tap a
        set above to change it, or + for one more.
      </Txt>
      {open && <Button look="main" size="live" label={`Next: ${open.variation.name}`} onPress={() => live.goTo(open.item.id)} />}
      <SessionButtons live={live} exercise={exercise} detail={detail} ending="planned" />
    </View>
  );
};

const styles = StyleSheet.create({ box: { gap: SPACE.m } });
