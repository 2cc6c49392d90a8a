import { DAY_ROLES } from '@drubo/core/vocabulary';
import type { DayRole } from '@drubo/core/vocabulary';
import { linesOfEdit, soFarOf, weekAt, withLines } from '@drubo/core/weeks';
import type { TooClose } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { DAY_ROLE_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { dateOfDay } from '../../ui/days';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { freeDays } from './free-days';
import { clashesOf } from './use-weeks';
import type { Weeks } from './use-weeks';
import { clashInWords } from './week-words';

const words = weeksWords.addDay;
/** Days to choose from are at most so many. */
const SHOWN = 9;

/** One more day, put in by hand: which, and what it trains. The week's sets are shared out over one day more; none is added. */
export const AddDayDialog = ({ weeks, onClose }: { weeks: Weeks; onClose(): void }) => {
  const { plan, kept, today, edit, writer } = weeks;
  const soFar = soFarOf(kept.trained, today);
  const days = freeDays(weeks, today)
    .filter((on) => weekAt(plan.block, on) !== null)
    .slice(0, SHOWN);
  const used = new Set(plan.block.weeks.flatMap((week) => week.days.map(({ role }) => role)));
  const roles = DAY_ROLES.filter((role) => used.has(role) || role === 'mobility');
  const clashOf = (at: number, of: DayRole): TooClose | undefined => {
    const lines = linesOfEdit(plan, soFar, { kind: 'added', on: at, role: of });
    const after = clashesOf({ ...plan, block: withLines(plan.block, lines) }, soFar.done, today);
    const ids = lines.flatMap((line) => (line.kind === 'added' ? [line.day.id] : []));
    return after.find(({ earlier, later }) => ids.includes(earlier.id) || ids.includes(later.id));
  };
  // What fits first: a day on which something can be trained that isn't heavy next to a heavy one.
  const fits = days.flatMap((at) => roles.filter((of) => of !== 'mobility' && !clashOf(at, of)).map((of) => ({ at, of })))[0];
  const first = fits?.at ?? days[0];
  const [on, setOn] = useState<string | null>(first === undefined ? null : String(first));
  const [role, setRole] = useState<DayRole>(fits?.of ?? 'mobility');
  const clash = on === null ? undefined : clashOf(Number(on), role);
  const put = () => {
    void edit({ kind: 'added', on: Number(on), role });
    onClose();
  };
  return (
    <Modal
      title={words.title}
      onClose={onClose}
      closes={words.cancel}
      actions={<Button look="main" label={words.put} disabled={on === null || !writer.isReady} onPress={put} />}
    >
      {days.length === 0 ? (
        <Txt tone="quiet">{words.none}</Txt>
      ) : (
        <Choices
          label={words.day}
          options={days.map((day) => ({ value: String(day), label: formatDay(dateOfDay(day)) }))}
          value={on}
          onChange={setOn}
        />
      )}
      <Choices<DayRole>
        label={words.role}
        options={roles.map((value) => ({ value, label: DAY_ROLE_LABELS[value] }))}
        value={role}
        onChange={setRole}
      />
      {clash && <Txt tone="saffron">{clashInWords(clash)}</Txt>}
      <Txt kind="small" tone="quiet">
        {words.help}
      </Txt>
    </Modal>
  );
};
