import { useMemo } from 'react';
import type { ComposingDto, SheetDto } from '@drubo/contracts';
import type { SheetInput } from '@drubo/core/composing';
import { inputAt } from './composing-input';
import { useEndpoint } from './use-endpoint';

/** What this sheet is composed from, and the same as the core reads it at the sheet's place. Undefined until it is read. */
export const useComposing = (
  sheet: Pick<SheetDto, 'id' | 'kitId'>,
): { from: ComposingDto | undefined; input: SheetInput | undefined } => {
  const { data: from } = useEndpoint('getComposing', { params: { sheetId: sheet.id } });
  const input = useMemo(() => from && inputAt(from, sheet.kitId), [from, sheet.kitId]);
  return { from, input };
};
