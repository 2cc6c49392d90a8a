import type { ComposingDto, PersonDetailDto } from '@drubo/contracts';
import { contentOfSheet } from '@drubo/contracts';
import type { SheetPlan } from '@drubo/core/loop';
import type { Plan } from '@drubo/core/weeks';
import { weeksWords } from '@drubo/words/screens/weeks';
import { ChangeList, changeLines } from '../../parts/sheet/ChangeList';
import { Stack } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';
import { TurnedList } from './TurnedCard';
import { usePlanDaySheet } from './use-plan-day-sheet';

const words = weeksWords.begin;

/** What becomes of the waiting sheet, line by line. An exercise that stays keeps its id, so that it shows as changed and not as gone and come. */
const linesOf = (sheet: PersonDetailDto['nextSheet'], made: SheetPlan): string[] => {
  const items = made.items.map((item) => {
    const known = sheet.items.find(({ slot, variationId }) => slot === item.slot && variationId === item.variationId);
    return known ? { ...item, id: known.id } : item;
  });
  const before = contentOfSheet(sheet);
  return changeLines(before, {
    ...before,
    ...made,
    blocks: [...made.blocks],
    minutesBudget: made.minutesBudget ?? before.minutesBudget,
    items,
  });
};

/** What would become of the next sheet, line by line, before anything is taken. */
export const NextSheetThen = ({ detail, plan, from }: { detail: PersonDetailDto; plan: Plan; from: ComposingDto }) => {
  const { made, problem } = usePlanDaySheet(detail, plan, from, { dayId: null });
  return (
    <Stack gap="xs">
      <Heading level={3}>{words.nextSheet}</Heading>
      <Problem text={problem} />
      {made ? <ChangeList lines={linesOf(detail.nextSheet, made)} /> : !problem && <Txt tone="quiet">{words.composing}</Txt>}
      {plan.turned.length > 0 && <TurnedList turned={plan.turned} />}
    </Stack>
  );
};
