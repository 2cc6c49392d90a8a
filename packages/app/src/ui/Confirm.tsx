import { Button } from './Button';
import { Modal } from './Modal';
import { Txt } from './Txt';

/** Asks before anything that can't be taken back. */
export const Confirm = ({
  title,
  text,
  yes,
  onYes,
  onNo,
}: {
  title: string;
  text: string;
  yes: string;
  onYes(): void;
  onNo(): void;
}) => (
  <Modal title={title} onClose={onNo} closes="Keep" actions={<Button label={yes} look="danger" onPress={onYes} />}>
    <Txt>{text}</Txt>
  </Modal>
);
