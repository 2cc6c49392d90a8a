import { contentOfSheet } from '@drubo/contracts';
import { useComposing } from '../../data/use-composing';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { AddDialog } from '../../parts/sheet/AddDialog';
import type { FloorDetail } from './floor';
import type { Live } from './use-live';

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
      <Modal title="Add an exercise" onClose={onClose} closes="Close">
        <Txt tone="quiet">Reading what this person can do here. Without a network it has to have been read before.</Txt>
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
