import { View } from 'react-native';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatChange } from '@drubo/words/explain';
import type { Movements, PlaceName } from '@drubo/words/explain';
import { sheetChanges } from '@drubo/core/sheet-editing';
import type { DraftSheet } from '@drubo/core/sheet-editing';
import { Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.changeList;

export const MOVEMENTS: Movements = {
  nameOf: (id) => findVariation(builtInCatalogue, id)?.name ?? id,
  stanceOf: (id) => findVariation(builtInCatalogue, id)?.stance ?? 'two-leg',
};

/** The lines of what would change from one version of a sheet to another; none where nothing would. */
export const changeLines = (before: DraftSheet, after: DraftSheet, placeOf?: PlaceName): string[] =>
  sheetChanges(before, after).map((change) => formatChange(change, MOVEMENTS, placeOf));

/** What would change, line by line. */
export const ChangeList = ({ lines }: { lines: readonly string[] }) => {
  if (lines.length === 0) return <Txt tone="quiet">{words.nothingWouldChange}</Txt>;
  return (
    <Stack role="list" aria-label={words.whatWouldChange} gap="xs">
      {lines.map((line) => (
        <View role="listitem" key={line}>
          <Txt>{line}</Txt>
        </View>
      ))}
    </Stack>
  );
};
