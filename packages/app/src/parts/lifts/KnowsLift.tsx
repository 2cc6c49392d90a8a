import type { PersonId } from '@drubo/core/vocabulary';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { newId } from '../../data/ids';
import { usePersonWriter } from '../../data/use-person-writer';
import { todayIn } from '../../ui/days';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { KnownLiftDialog } from './KnownLiftDialog';
import type { KnownLiftFields } from './lift-form';
import { partsLiftsWords } from '@drubo/words/screens/parts-lifts';

const words = partsLiftsWords.knowsLift;

/** A lift the person is known for: asked, kept, and said. `variationId` null: which one is asked too. */
export const KnowsLift = ({
  personId,
  variationId,
  suggested,
  onClose,
}: {
  personId: PersonId;
  variationId: string | null;
  /** Movements offered before anything is searched. */
  suggested?: readonly string[] | undefined;
  onClose(): void;
}) => {
  const { studio } = useStudio();
  const snack = useSnack();
  const writer = usePersonWriter(personId);
  const save = async (fields: KnownLiftFields) => {
    if (!(await writer.saveRecord(newId(), fields))) return;
    snack({
      text: words.keptTheSheetFollows(findVariation(builtInCatalogue, fields.variationId)?.name ?? fields.variationId),
    });
    onClose();
  };
  return (
    <KnownLiftDialog
      variationId={variationId}
      suggested={suggested}
      today={todayIn(studio.timeZone)}
      problem={writer.problem}
      isBusy={writer.isBusy}
      onSave={(fields) => void save(fields)}
      onClose={onClose}
    />
  );
};
