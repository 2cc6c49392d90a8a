import { DAY_ROLES } from '@drubo/core/vocabulary';
import type { DayRole } from '@drubo/core/vocabulary';
import { weekAt } from '@drubo/core/weeks';
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
import type { Weeks } from './use-weeks';

const words = weeksWords.addDay;
/** Days to choose from are at most so many. */
const SHOWN = 9;

/** One more day, put in by hand: which, and what it trains. The week's sets are shared out over one day more; none is added. */
export const AddDayDialog = ({ weeks, onClose }: { weeks: Weeks; onClose(): void }) => {
  const { plan, today, edit, writer } = weeks;
  const days = freeDays(weeks, today)
    .filter((on) => weekAt(plan.block, on) !== null)
    .slice(0, SHOWN);
  const used = new Set(plan.block.weeks.flatMap((week) => week.days.map(({ role }) => role)));
  const roles = DAY_ROLES.filter((role) => used.has(role) || role === 'mobility');
  const [on, setOn] = useState<string | null>(days[0] === undefined ? null : String(days[0]));
  const [role, setRole] = useState<DayRole>(roles[0] ?? 'mobility');
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
      <Txt kind="small" tone="quiet">
        {words.help}
      </Txt>
    </Modal>
  );
};
