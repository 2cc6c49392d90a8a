import type { PersonId, SessionId } from '@drubo/core/vocabulary';
import { useState } from 'react';
import type { CareDto } from '@drubo/contracts';
import { newId } from '../../data/ids';
import { usePersonWriter } from '../../data/use-person-writer';
import { todayIn } from '../../ui/days';
import { IconButton } from '../../ui/IconButton';
import { useStudio } from '../../data/StudioContext';
import { WarningDialog } from './WarningDialog';
import { common } from '@drubo/words/screens/common';

const NOBODY: Pick<CareDto, 'contact' | 'medicine'> = { contact: null, medicine: '' };

/** Warning signs in the head of a screen about one person. */
export const WarningButton = ({
  personId,
  care = NOBODY,
  sessionId = null,
}: {
  personId: PersonId;
  care?: Pick<CareDto, 'contact' | 'medicine'>;
  sessionId?: SessionId | null;
}) => {
  const { studio } = useStudio();
  const writer = usePersonWriter(personId);
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <IconButton framed icon="warning" says={common.warningSigns} onPress={() => setOpen(true)} />
      {isOpen && (
        <WarningDialog
          care={care}
          problem={writer.problem}
          onSign={({ id: sign }) =>
            void writer.saveRecord(newId(), { kind: 'sign', sign, on: todayIn(studio.timeZone), sessionId, note: '' })
          }
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
};
