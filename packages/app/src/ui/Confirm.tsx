import { Button } from './Button';
import { Modal } from './Modal';
import { Txt } from './Txt';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.confirm;

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
  <Modal title={title} onClose={onNo} closes={words.keep} actions={<Button label={yes} look="danger" onPress={onYes} />}>
    <Txt>{text}</Txt>
  </Modal>
);
