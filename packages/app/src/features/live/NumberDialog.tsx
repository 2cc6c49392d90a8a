import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Modal } from '../../ui/Modal';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.padPanel;

/** A number of the pad, typed: quicker than many taps where it is far away. */
export const NumberDialog = ({
  title,
  label,
  value,
  most,
  onTake,
  onClose,
}: {
  title: string;
  label: string;
  value: number;
  most: number;
  onTake(value: number): void;
  onClose(): void;
}) => {
  const [text, setText] = useState(String(value));
  const [error, setError] = useState<string>();
  const take = () => {
    const typed = Number(text.trim());
    if (!/^\d+$/.test(text.trim()) || typed > most) return setError(words.mustBeFrom(most));
    onTake(typed);
    onClose();
  };
  return (
    <Modal
      title={title}
      onClose={onClose}
      closes={words.cancel}
      actions={<Button look="main" label={words.set} onPress={take} />}
    >
      <Field
        label={label}
        value={text}
        error={error}
        inputMode="numeric"
        autoFocus
        selectTextOnFocus
        onChangeText={setText}
        onSubmitEditing={take}
      />
    </Modal>
  );
};
