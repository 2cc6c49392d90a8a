import { SET_KIND_LABELS, SIDE_LABELS } from '@drubo/words/explain';
import type { SetKind, Side } from '@drubo/core/vocabulary';

/** What a row is called: 'Set 2', 'Feeler 1'. */
export const setName = ({ kind, setIndex }: { kind: SetKind; setIndex: number }): string =>
  `${SET_KIND_LABELS[kind]} ${setIndex + 1}`;

/** The same with the leg, where only one works. */
export const setNameWithSide = (set: { kind: SetKind; setIndex: number; side: Side }): string =>
  `${setName(set)}${set.side === 'both' ? '' : `, ${SIDE_LABELS[set.side]}`}`;
