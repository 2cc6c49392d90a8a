import { useState } from 'react';
import { callEndpoint } from '../../data/api';
import { problemOf } from '../../data/refusal';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { partsPasswordWords } from '@drubo/words/screens/parts-password';

const words = partsPasswordWords.passwordDialog;

/** Asks for the own password again, and goes on once it is right. */
export const PasswordDialog = ({ onConfirmed, onNo }: { onConfirmed(): Promise<void>; onNo(): void }) => {
  const [password, setPassword] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const goOn = async () => {
    if (password === '' || isBusy) return;
    setBusy(true);
    setProblem(null);
    try {
      await callEndpoint('confirmPassword', { body: { password } });
      await onConfirmed();
    } catch (error) {
      setProblem(problemOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal
      title={words.yourPasswordAgain}
      onClose={onNo}
      closes={words.notNow}
      problem={problem}
      actions={<Button look="main" label={words.goOn} busy={isBusy} disabled={password === ''} onPress={() => void goOn()} />}
    >
      <Txt>{words.beforeThis}</Txt>
      <Field
        label={words.password}
        value={password}
        onChangeText={setPassword}
        secureTextEntry
        autoComplete="current-password"
        onSubmitEditing={() => void goOn()}
      />
    </Modal>
  );
};
