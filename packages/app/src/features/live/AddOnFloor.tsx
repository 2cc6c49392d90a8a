import { contentOfSheet } from '@drubo/contracts';
import { useComposing } from '../../data/use-composing';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { AddDialog } from '../../parts/sheet/AddDialog';
import type { FloorDetail } from './floor';
import type { Live } from './use-live';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.addOnFloor;

/** Puts an exercise into the running session, dosed for this person. */
export const AddOnFloor = ({
  live,
  detail,
  onClose,
}: {
  live: Pick<Live, 'addExercise'>;
  detail: FloorDetail;
  onClose(): void;
}) => {
  const { input } = useComposing(detail.sheet);
  const content = contentOfSheet(detail.sheet);
  if (!input) {
    return (
      <Modal title={common.addAnExercise} onClose={onClose} closes={common.close}>
        <Txt tone="quiet">{words.readingWhatThisPerson}</Txt>
      </Modal>
    );
  }
  return (
    <AddDialog
      content={content}
      input={input}
      onAdd={(item, role, said) => {
        // The fold gives it a block of its own.
        void live.addExercise({ ...item, blockId: 'x' }, role, said);
        onClose();
      }}
      onClose={onClose}
    />
  );
};
