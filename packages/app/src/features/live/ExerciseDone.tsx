import { Button } from '../../ui/Button';
import { Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { EscapeRow } from './EscapeRow';
import type { Exercise, FloorDetail } from './floor';
import type { Live } from './use-live';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.exerciseDone;

/** Every row of this exercise is logged: on to the next one, or to the end. */
export const ExerciseDone = ({
  live,
  exercise,
  detail,
  onFinish,
}: {
  live: Pick<Live, 'changeDay' | 'exercises' | 'goTo' | 'pad' | 'slot' | 'stopForPain' | 'swap'>;
  exercise: Exercise;
  detail: FloorDetail;
  onFinish(): void;
}) => {
  const open = live.exercises.find(({ isOpen }) => isOpen);
  return (
    <Stack gap="m">
      <Txt tone="quiet">{words.tapASetAbove(Boolean(open))}</Txt>
      {open ? (
        <Button look="main" size="live" label={words.next(open.variation.name)} onPress={() => live.goTo(open.item.id)} />
      ) : (
        <Button look="main" size="live" label={words.finishTheSession} onPress={onFinish} />
      )}
      <EscapeRow live={live} exercise={exercise} detail={detail} />
    </Stack>
  );
};
