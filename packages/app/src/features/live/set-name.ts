import type { SetSlot } from '@drubo/core';

/** What a row is called: 'Set 2', 'Feeler 1'. */
export const setName = ({ kind, setIndex }: { kind: SetSlot['kind'] | string; setIndex: number }): string =>
  `${kind === 'feeler' ? 'Feeler' : 'Set'} ${setIndex + 1}`;
