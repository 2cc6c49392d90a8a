import type { Variation } from '@drubo/core/catalogue';
import { METHOD_LABELS, METHOD_WORDS } from '@drubo/words/explain';
import { METHODS } from '@drubo/core/vocabulary';
import type { MethodId } from '@drubo/core/vocabulary';
import { Choices } from '../../ui/Choices';
import { Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.methodChoice;

/** How an exercise progresses from now on, with what the choice means. */
export const MethodChoice = ({
  variation,
  value,
  onChange,
}: {
  variation: Variation;
  value: MethodId;
  onChange(method: MethodId): void;
}) => {
  // Loads can't lead where nothing is ever held.
  const isLoadable = variation.loadPositions.some((position) => position !== 'none');
  const options = METHODS.filter((method) => isLoadable || method === 'ladder-gate').map((method) => ({
    value: method,
    label: METHOD_LABELS[method],
  }));
  return (
    <Stack gap="xs">
      <Choices label={words.howItMovesOn} options={options} value={value} onChange={onChange} />
      <Txt kind="small" tone="quiet">
        {METHOD_WORDS[value]}
      </Txt>
    </Stack>
  );
};
