import { View } from 'react-native';
import type { SheetContentDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { changesBetween } from '@drubo/core/composing';
import { formatChange } from '@drubo/core/explain';
import type { Movements } from '@drubo/core/explain';
import { SPACE } from '../../theme/tokens';
import { Txt } from '../../ui/Txt';

export const MOVEMENTS: Movements = {
  nameOf: (id) => findVariation(builtInCatalogue, id)?.name ?? id,
  stanceOf: (id) => findVariation(builtInCatalogue, id)?.stance ?? 'two-leg',
};

/** The lines of what would change between two arrangements. */
export const changeLines = (before: SheetContentDto, after: SheetContentDto): string[] => [
  ...(before.shape === after.shape ? [] : [formatChange({ kind: 'shape', from: before.shape, to: after.shape }, MOVEMENTS)]),
  ...(before.minutesBudget === after.minutesBudget
    ? []
    : [formatChange({ kind: 'minutes', from: before.minutesBudget, to: after.minutesBudget }, MOVEMENTS)]),
  ...changesBetween(before, after).map((change) => formatChange(change, MOVEMENTS)),
];

/** What would change, line by line. */
export const ChangeList = ({ before, after }: { before: SheetContentDto; after: SheetContentDto }) => {
  const lines = changeLines(before, after);
  if (lines.length === 0) return <Txt tone="quiet">Nothing would change.</Txt>;
  return (
    <View role="list" aria-label="What would change" style={{ gap: SPACE.xs }}>
      {lines.map((line) => (
        <View role="listitem" key={line}>
          <Txt>{line}</Txt>
        </View>
      ))}
    </View>
  );
};
