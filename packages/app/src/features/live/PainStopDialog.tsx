import { useState } from 'react';
import { TARGET } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Row, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Stepper } from '../../ui/Stepper';
import { Txt } from '../../ui/Txt';
import type { Live } from './use-live';
import { inSentence } from '@drubo/words/explain';
import type { Exercise } from './floor';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.painStopDialog;

const SCALE = Array.from({ length: 11 }, (_, at) => at);

/** Stops for pain: how far they got stands there, one tap on how much it hurts logs it and leaves the exercise. */
export const PainStopDialog = ({
  live,
  exercise,
  onClose,
}: {
  live: Pick<Live, 'pad' | 'stopForPain'>;
  exercise: Exercise;
  onClose(): void;
}) => {
  const isTimed = exercise.item.dose.seconds !== undefined;
  const [reps, setReps] = useState(live.pad?.reps ?? 0);
  const stop = (pain: number | null) => {
    onClose();
    void live.stopForPain(pain, reps);
  };
  return (
    <Modal
      title={words.stopPain}
      onClose={onClose}
      closes={common.goOn}
      actions={<Button look="danger" label={words.stopNotAskedHow} onPress={() => stop(null)} />}
    >
      <Row align="stretch">
        <Stepper
          label={isTimed ? words.secondsBeforeItHurt : words.repsBeforeItHurt}
          value={String(reps)}
          onDown={reps > 0 ? () => setReps(reps - 1) : null}
          onUp={() => setReps(reps + 1)}
        />
      </Row>
      <Txt>{words.howMuchInA(inSentence(exercise.variation.name))}</Txt>
      <Wrap role="group" aria-label={words.jointPain} gap="s">
        {SCALE.map((pain) => (
          <Chip
            key={pain}
            height={TARGET.live}
            label={String(pain)}
            says={words.stopWithPainOf(pain)}
            tone={pain > 2 ? 'clay' : 'moss'}
            chosen={false}
            onPress={() => stop(pain)}
          />
        ))}
      </Wrap>
      <Txt kind="small" tone="quiet">
        {words.sharpCatchingOrRadiating}
      </Txt>
    </Modal>
  );
};
