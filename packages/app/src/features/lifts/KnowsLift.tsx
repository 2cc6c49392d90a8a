import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { newId } from '../../data/ids';
import { usePersonWriter } from '../../data/use-person-writer';
import { todayIn } from '../../ui/days';
import { useSnack } from '../shell/SnackProvider';
import { useStudio } from '../shell/StudioContext';
import { KnownLiftDialog } from './KnownLiftDialog';
import type { KnownLiftFields } from './lift-form';

/** One movement of a sheet that the person is known for: asked and kept, and the sheet follows. */
export const KnowsLift = ({ personId, variationId, onClose }: { personId: string; variationId: string; onClose(): void }) => {
  const { studio } = useStudio();
  const snack = useSnack();
  const writer = usePersonWriter(personId);
  const save = async (fields: KnownLiftFields) => {
    if (!(await writer.saveRecord(newId(), fields))) return;
    snack({ text: `${findVariation(builtInCatalogue, variationId)?.name ?? variationId} kept. The sheet follows.` });
    onClose();
  };
  return (
    <KnownLiftDialog
      variationId={variationId}
      today={todayIn(studio.timeZone)}
      problem={writer.problem}
      isBusy={writer.isBusy}
      onSave={(fields) => void save(fields)}
      onClose={onClose}
    />
  );
};
