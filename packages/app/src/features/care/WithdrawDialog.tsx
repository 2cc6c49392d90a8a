import { useState } from 'react';
import type { PersonId } from '@drubo/core/vocabulary';
import { usePersonWriter } from '../../data/use-person-writer';
import { useSnack } from '../../frame/SnackProvider';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.withdrawDialog;

/** Asks what becomes of the health notes of somebody who takes their consent back, and does it. */
export const WithdrawDialog = ({ personId, onClose }: { personId: PersonId; onClose(): void }) => {
  const writer = usePersonWriter(personId);
  const snack = useSnack();
  // Which of the two was tapped, so that only that one shows as busy.
  const [chosen, setChosen] = useState<'delete' | 'archive' | null>(null);
  const withdraw = async (then: 'delete' | 'archive') => {
    setChosen(then);
    if (await writer.withdrawConsent(then)) {
      onClose();
      snack({ text: then === 'delete' ? words.deleted : words.archived });
    }
    setChosen(null);
  };
  return (
    <Modal
      title={words.title}
      closes={words.leaveIt}
      onClose={onClose}
      problem={writer.problem}
      actions={
        <>
          <Button
            label={words.archive}
            busy={chosen === 'archive'}
            disabled={chosen !== null || !writer.isReady}
            onPress={() => void withdraw('archive')}
          />
          <Button
            look="danger"
            label={words.delete}
            busy={chosen === 'delete'}
            disabled={chosen !== null || !writer.isReady}
            onPress={() => void withdraw('delete')}
          />
        </>
      }
    >
      <Txt>{words.what}</Txt>
      <Txt kind="small">{words.deletes}</Txt>
      <Txt kind="small">{words.archives}</Txt>
      <Txt kind="small" tone="quiet">
        {words.stays}
      </Txt>
    </Modal>
  );
};
