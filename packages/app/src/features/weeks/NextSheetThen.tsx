import type { ComposingDto, PersonDetailDto } from '@drubo/contracts';
import { contentOfSheet } from '@drubo/contracts';
import { useEffect, useState } from 'react';
import { askOf, nextDay } from '@drubo/core/weeks';
import type { Plan } from '@drubo/core/weeks';
import { weeksWords } from '@drubo/words/screens/weeks';
import { askPlanDay } from '../../workers/ask-composer';
import { ChangeList, changeLines } from '../../parts/sheet/ChangeList';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { TurnedList } from './TurnedCard';

const words = weeksWords.begin;

/** What would become of the next sheet, line by line, before anything is taken. */
export const NextSheetThen = ({ detail, plan, from }: { detail: PersonDetailDto; plan: Plan; from: ComposingDto }) => {
  const { nextSheet: sheet, person } = detail;
  const [lines, setLines] = useState<readonly string[] | null>(null);
  const next = nextDay(plan, [], from.day);
  const key = JSON.stringify([plan.weekdays, plan.block.start, plan.isSplit, next?.day.id]);
  useEffect(() => {
    let isGone = false;
    if (!next) return;
    const planned = askOf(plan, next.block, next.day, person.goal, []);
    const { shape, splitDay, minutesBudget, kitId } = sheet;
    const question = {
      from: { ...from, planned, trainsOn: next.day.day },
      kitId,
      last: { shape, splitDay, minutesBudget, kitId },
    };
    askPlanDay(question)
      .then((made) => {
        const after = { ...contentOfSheet(sheet), ...made, blocks: [...made.blocks], minutesBudget };
        if (!isGone) setLines(changeLines(contentOfSheet(sheet), withKnownIds(sheet, after) as never));
      })
      .catch((error: unknown) => {
        if (!isGone) setLines([error instanceof Error ? error.message : '']);
      });
    return () => {
      isGone = true;
    };
    // What was asked says it all.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return (
    <Stack gap="xs">
      <Heading level={3}>{words.nextSheet}</Heading>
      {lines === null ? <Txt tone="quiet">{words.composing}</Txt> : <ChangeList lines={lines} />}
      {plan.turned.length > 0 && <TurnedList turned={plan.turned} />}
    </Stack>
  );
};

/** An exercise that stays keeps its id, so that it shows as changed and not as gone and come. */
const withKnownIds = <Item extends { id: string; slot: string; variationId: string }, Content extends { items: readonly Item[] }>(
  sheet: PersonDetailDto['nextSheet'],
  content: Content,
): Content => ({
  ...content,
  items: content.items.map((item) => {
    const known = sheet.items.find(({ slot, variationId }) => slot === item.slot && variationId === item.variationId);
    return known ? { ...item, id: known.id } : item;
  }),
});
