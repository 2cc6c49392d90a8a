import { useMemo, useState } from 'react';
import type { ComposingDto, SheetDto } from '@drubo/contracts';
import type { SheetInput } from '@drubo/core/composing';
import { inputAt } from './composing-input';
import { useEndpoint } from './use-endpoint';

/** With the history the sheet carries itself, which is not sent twice. */
const withHistory = (from: ComposingDto, { items }: Pick<SheetDto, 'items'>): ComposingDto => ({
  ...from,
  pasts: [
    ...from.pasts,
    ...items
      .filter(({ variationId, past }) => past.length > 0 && !from.pasts.some((known) => known.variationId === variationId))
      .map(({ variationId, past }) => ({ variationId, past })),
  ],
});

/** What this sheet is composed from, and the same as the core reads it at the sheet's place. Undefined until it is read. */
export const useComposing = (
  sheet: Pick<SheetDto, 'id' | 'kitId' | 'items'>,
): { from: ComposingDto | undefined; input: SheetInput | undefined } => {
  const { data } = useEndpoint('getComposing', { params: { sheetId: sheet.id } });
  // Exercises come and go while a sheet is edited; history once known stays known.
  const [kept, setKept] = useState<ComposingDto | undefined>(undefined);
  const from = useMemo(() => data && withHistory(data, sheet), [data, sheet]);
  if (from && (!kept || kept.day !== from.day || kept.pasts.length < from.pasts.length || kept.tracks !== from.tracks))
    setKept(from);
  const input = useMemo(() => kept && inputAt(kept, sheet.kitId), [kept, sheet.kitId]);
  return { from: kept, input };
};
