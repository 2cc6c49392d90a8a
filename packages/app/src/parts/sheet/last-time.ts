import { formatDay } from '@drubo/words/dates';
import type { LastTimeDto, SetRecordDto } from '@drubo/contracts';
import { asksReserve, isHardKind } from '@drubo/core';
import { formatLoad } from '@drubo/words/explain';
import { isPerSide } from '@drubo/core/vocabulary';
import type { Role, Stance } from '@drubo/core/vocabulary';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.lastTime;

/** Reps of the work sets in order: '12, 12, 11', or both sides of a set as '10/8'. */
export const repsOf = (sets: readonly SetRecordDto[], stance: Stance): string => {
  const bySet = new Map<number, SetRecordDto[]>();
  for (const set of sets.filter((candidate) => isHardKind(candidate.kind))) {
    bySet.set(set.setIndex, [...(bySet.get(set.setIndex) ?? []), set]);
  }
  return [...bySet.values()]
    .map((rows) => {
      const amount = (row: SetRecordDto | undefined) => row?.reps ?? (row?.seconds ? words.s(row.seconds) : '–');
      if (!isPerSide(stance)) return String(amount(rows[0]));
      const of = (side: 'left' | 'right') => amount(rows.find((row) => row.side === side));
      return `${of('left')}/${of('right')}`;
    })
    .join(', ');
};

/** The lowest reserve that was said, or that it was not asked. */
const reserveOf = (sets: readonly SetRecordDto[]): string => {
  const said = sets.map((set) => set.reserve).filter((reserve): reserve is number => reserve !== null);
  return said.length === 0 ? words.reserveNotAsked : words.inReserveAtLeast(Math.min(...said));
};

/** What was done in one line: '24 kg bell · 12, 12, 11 reps · 2 in reserve at least'. */
export const doneLine = ({ sets: logged, dose }: Pick<LastTimeDto, 'sets' | 'dose'>, stance: Stance, role?: Role): string => {
  const sets = logged.filter((set) => isHardKind(set.kind));
  const loads = [...new Set(sets.map((set) => formatLoad(set)))];
  const isTimed = sets.some((set) => set.seconds !== null);
  const reps = `${repsOf(sets, stance)}${isTimed ? '' : words.reps}${isPerSide(stance) ? words.leftRight : ''}`;
  const line = `${loads.length > 0 ? loads.join(', ') : formatLoad(dose.load)} · ${reps}`;
  return asksReserve(dose, role) ? `${line} · ${reserveOf(sets)}` : line;
};

/** Last time in one line: 'Tue 17 Nov: 24 kg bell · 12, 12, 11 reps · 2 in reserve at least'. */
export const lastTimeLine = (last: LastTimeDto, stance: Stance, role?: Role): string =>
  `${formatDay(last.date)}: ${doneLine(last, stance, role)}`;
