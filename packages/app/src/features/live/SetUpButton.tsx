import { useState } from 'react';
import { SetUpList } from '../../parts/moves/SetUpList';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import type { Exercise } from './floor';
import { setUpOf } from './set-up-of';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.setUpButton;

/** How a lift that is new to this person is set up, with what to be careful about first; later it is under More. */
export const SetUpButton = ({ exercise }: { exercise: Exercise }) => {
  const [isOpen, setOpen] = useState(false);
  const { variation, item } = exercise;
  const steps = setUpOf(exercise);
  if (item.lastTime || steps.length === 0) return null;
  return (
    <>
      <Button look="quiet" label={words.setUp} says={words.setUpOf(variation.name)} onPress={() => setOpen(true)} />
      {isOpen && (
        <Modal
          title={words.setUpOf(variation.name)}
          onClose={() => setOpen(false)}
          actions={<Button look="main" label={common.done} onPress={() => setOpen(false)} />}
        >
          {variation.cautions.map((caution) => (
            <Txt key={caution} tone="saffron">
              {caution}
            </Txt>
          ))}
          <SetUpList steps={steps} variation={variation} position={item.dose.load.position} />
        </Modal>
      )}
    </>
  );
};
