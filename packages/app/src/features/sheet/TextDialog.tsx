import type { SheetDto } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { blocksOf } from '@drubo/core/composing';
import { CAUTION_LABELS, sheetText } from '@drubo/words/explain';
import { printText } from '../../data/print-text';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { MOVEMENTS } from '../../parts/sheet/ChangeList';
import { settingsLine } from '../../parts/sheet/settings-line';
import { common } from '@drubo/words/screens/common';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.textDialog;

/** A sheet as plain text. */
export const textOf = (sheet: SheetDto, minutes: number): string =>
  sheetText(
    {
      personName: sheet.personName,
      minutes,
      shape: sheet.shape,
      day: sheet.ofPlan ?? null,
      blocks: blocksOf(sheet).map(({ block, items }) => ({
        ...block,
        items: items.map(({ variationId, dose, feelers, values }) => ({
          variationId,
          dose,
          feelers,
          settings: settingsLine(getVariation(builtInCatalogue, variationId), values, dose.load, sheet.kit),
        })),
      })),
      cautions: [
        ...sheet.care.cautions.map((caution) => CAUTION_LABELS[caution]),
        ...new Set(sheet.items.flatMap(({ variationId }) => getVariation(builtInCatalogue, variationId).cautions)),
      ],
    },
    MOVEMENTS,
  );

/** The sheet as text to copy, and to print. */
export const TextDialog = ({ sheet, minutes, onClose }: { sheet: SheetDto; minutes: number; onClose(): void }) => {
  const snack = useSnack();
  const text = textOf(sheet, minutes);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      snack({ text: words.copied });
    } catch {
      snack({ text: words.thisBrowserDoesNot });
    }
  };
  return (
    <Modal
      title={words.theSheetAsText}
      onClose={onClose}
      closes={common.close}
      actions={
        <>
          <Button label={words.print} onPress={() => printText(words.session(sheet.personName), text)} />
          <Button look="main" label={words.copy} onPress={() => void copy()} />
        </>
      }
    >
      <Txt selectable>{text}</Txt>
    </Modal>
  );
};
