import type { DoneExercise } from '@drubo/core/judging';
import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import type { SheetItemDto } from '@drubo/contracts';
import type { Variation } from '@drubo/core/catalogue';
import { formatMass, formatNumber } from '@drubo/words/explain';
import { historyOf } from '@drubo/core/judging';
import { influences, lifterFor } from '@drubo/core/strength';
import type { Influence } from '@drubo/core/strength';
import { isPerSide } from '@drubo/core/vocabulary';
import type { Reason } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { dateOfDay } from '../../ui/days';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.evidence;

/** Sets shown at once; the newest first. */
const PAGE = 9;

/** What one set said and did: '24 kg × 10, 2 in reserve: +0.8 %'. */
const wordsOf = ({ set, isSetAside, beforeKg, afterKg }: Influence, unit: 'kg' | 'lb'): string => {
  const change = (afterKg / beforeKg - 1) * 100;
  const said = set.failed
    ? words.missedTheNext
    : set.reserve === null
      ? words.reserveNotAsked
      : words.inReserve(set.reserve, isSetAside);
  const moved = Math.abs(change) < 0.05 ? words.noChange : `${change > 0 ? '+' : '−'}${formatNumber(Math.abs(change))} %`;
  return `${formatMass(set.loadKg, unit)} × ${set.reps}, ${said}: ${moved}`;
};

/** The very sets an estimate rests on, newest first, with what each moved. */
export const Evidence = ({
  variation,
  item,
  reasons,
}: {
  variation: Variation;
  item: Pick<SheetItemDto, 'dose'> & { past: readonly DoneExercise[] };
  /** Why the load is what it is; they name a report that is a habit. */
  reasons: readonly Reason[];
}) => {
  const { unit } = useStudio();
  const [shown, setShown] = useState(PAGE);
  const sides = isPerSide(variation.stance) ? (['left', 'right'] as const) : (['both'] as const);
  // Body mass moves every leg's estimate alike, so what a set changed can be told without it.
  const bodyMassKg = item.past.at(-1)?.sets[0]?.bodyMassKg ?? null;
  const habitReserve = reasons.flatMap((one) => (one.code === 'reports-set-aside' ? [one.values.reserve] : []))[0];
  const lifter = lifterFor(variation, { trainingAge: 'intermediate', massKg: bodyMassKg, habitReserve });
  const all = sides.flatMap((side) =>
    influences(historyOf({ variation, dose: item.dose, past: item.past }, side), lifter).map((one) => ({ ...one, side })),
  );
  const newest = all.sort((a, b) => b.day - a.day);
  return (
    <Stack gap="xs">
      <Heading level={3}>{words.theSetsBehindIt}</Heading>
      <Txt kind="small" tone="quiet">
        {words.whatEachSetDid}
      </Txt>
      {newest.slice(0, shown).map((one, at) => (
        <Txt key={`${one.set.setId ?? at}-${one.side}`} kind="small">
          {formatDay(dateOfDay(one.day))}
          {one.side === 'both' ? '' : ` ${one.side}`}: {wordsOf(one, unit)}
        </Txt>
      ))}
      {newest.length > shown && (
        <Button look="quiet" label={words.olderSets(newest.length - shown)} onPress={() => setShown(shown + PAGE)} />
      )}
    </Stack>
  );
};
