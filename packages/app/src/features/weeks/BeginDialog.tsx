import type { PersonDetailDto } from '@drubo/contracts';
import { useMemo, useState } from 'react';
import { dayNumber } from '@drubo/core';
import { mondayOf } from '@drubo/core/units';
import { beginPlan, endOf, nextBlock } from '@drubo/core/weeks';
import type { Plan, PlanTrained, WeekdayPlace } from '@drubo/core/weeks';
import { formatDay, formatWeekday } from '@drubo/words/dates';
import { DAY_ROLE_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { newId } from '../../data/ids';
import { useComposing } from '../../data/use-composing';
import type { PlanWriter } from '../../data/use-plan-writer';
import { useStudio } from '../../data/StudioContext';
import { useSnack } from '../../frame/SnackProvider';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { DateTimeField } from '../../ui/DateTimeField';
import { dateOfDay, todayIn } from '../../ui/days';
import { Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { NextSheetThen } from './NextSheetThen';
import { placeOf } from './place-of';
import { WeekdayPlaces } from './WeekdayPlaces';
import { Weekdays } from './Weekdays';

const words = weeksWords.begin;
const NONE: readonly PlanTrained[] = [];
/** Days of the week for who comes so often: hard days apart. House default. */
const USUAL_DAYS: readonly (readonly number[])[] = [
  [1],
  [1],
  [1, 4],
  [0, 2, 4],
  [0, 1, 3, 4],
  [0, 1, 2, 3, 4],
  [0, 1, 2, 3, 4, 5],
];

/** Days they are booked on, if that says anything; else by how often they come. */
const firstDays = ({ bookings, intake }: PersonDetailDto, today: number): number[] => {
  const soon = bookings.filter(({ cancelled, date }) => !cancelled && dayNumber(date) < today + 14);
  const booked = [...new Set(soon.map(({ date }) => (dayNumber(date) + 3) % 7))].sort((a, b) => a - b);
  return booked.length > 0 ? booked : [...(USUAL_DAYS[intake.daysPerWeek ?? 2] ?? USUAL_DAYS.at(-1) ?? [])];
};

/** Plans a block: which days, from when; shown as it would be, with what becomes of the next sheet, before it is taken. */
export const BeginDialog = ({ detail, writer, onClose }: { detail: PersonDetailDto; writer: PlanWriter; onClose(): void }) => {
  const { studio } = useStudio();
  const snack = useSnack();
  const today = dayNumber(todayIn(studio.timeZone));
  const { plan = null, trained = NONE, version = 0, firstDay = null } = detail.plan ?? {};
  const runs = plan && endOf(plan.block) > today ? endOf(plan.block) - 1 : null;
  const [blockId] = useState(newId);
  const [weekdays, setWeekdays] = useState<readonly number[]>(plan?.weekdays ?? firstDays(detail, today));
  const [places, setPlaces] = useState<readonly WeekdayPlace[]>(plan?.places ?? []);
  const [start, setStart] = useState(dateOfDay(today));
  const [isSplit, setSplit] = useState(plan?.isSplit ?? detail.nextSheet.shape === 'two-day-split');
  const { input, from } = useComposing(detail.nextSheet);
  const made = useMemo((): Plan | null => {
    if (!input || weekdays.length === 0 || !/^\d{4}-\d{2}-\d{2}$/.test(start)) return null;
    const number = plan ? plan.block.number + 1 : 0;
    const wish = { id: blockId, start: dayNumber(start), weekdays, places, isSplit, firstDay, number };
    return plan ? nextBlock(input, plan, trained, wish) : beginPlan(input, wish);
  }, [input, weekdays, places, start, isSplit, plan, trained, firstDay, blockId]);
  const take = async () => {
    const asked = { start, weekdays: [...weekdays], places, isSplit, replaces: runs !== null };
    if (!(await writer.begin(blockId, version, asked))) return;
    snack({ text: words.done, undo: () => void writer.undo(version + 1) });
    onClose();
  };
  return (
    <Modal
      title={plan ? words.next : words.first}
      onClose={onClose}
      closes={words.cancel}
      problem={weekdays.length === 0 ? words.noDay : writer.problem}
      actions={
        <Button
          look="main"
          label={words.take}
          disabled={!made || !writer.isReady}
          busy={writer.isBusy}
          onPress={() => void take()}
        />
      }
    >
      <Weekdays values={weekdays} onChange={setWeekdays} />
      <WeekdayPlaces detail={detail} weekdays={weekdays} values={places} onChange={setPlaces} />
      <Wrap gap="m" align="end">
        <DateTimeField label={words.start} type="date" value={start} min={dateOfDay(today)} onChange={setStart} />
        <Chip label={words.split} chosen={isSplit} onPress={() => setSplit(!isSplit)} />
      </Wrap>
      {runs !== null && <Txt tone="saffron">{words.replaces(formatDay(dateOfDay(runs)))}</Txt>}
      {made ? <Preview plan={made} kits={detail.kits} /> : <Txt tone="quiet">{words.composing}</Txt>}
      {made && from && <NextSheetThen detail={detail} plan={made} from={from} />}
    </Modal>
  );
};

/** A block in short: how many weeks, and what each day of its first whole week leads with. */
const Preview = ({ plan, kits }: { plan: Plan; kits: PersonDetailDto['kits'] }) => {
  const { weeks, why } = plan.block;
  const whole = [...weeks].sort((a, b) => b.days.length - a.days.length)[0];
  const loading = weeks.filter(({ kind }) => kind === 'loading').length;
  return (
    <Stack gap="xs">
      <Wrap gap="s" align="center">
        <Heading level={3}>{words.preview}</Heading>
        <WhyDot about={words.preview} reasons={[...why, ...weeks.flatMap((week) => week.why)]} />
      </Wrap>
      <Txt>{words.weeks(loading, loading < weeks.length)}</Txt>
      {whole?.days.map((one) => (
        <Txt key={one.id} kind="small">
          {[formatWeekday(one.day - mondayOf(one.day)), DAY_ROLE_LABELS[one.role], ...placeOf(one, kits)].join(' · ')}
        </Txt>
      ))}
    </Stack>
  );
};
