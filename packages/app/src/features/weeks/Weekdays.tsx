import { formatWeekday } from '@drubo/words/dates';
import { weeksWords } from '@drubo/words/screens/weeks';
import { Ticks } from '../../ui/Ticks';

const words = weeksWords.begin;
const WEEK = [0, 1, 2, 3, 4, 5, 6];

/** Which days of the week somebody trains. */
export const Weekdays = ({ values, onChange }: { values: readonly number[]; onChange(values: number[]): void }) => (
  <Ticks
    label={words.days}
    help={words.daysHelp}
    options={WEEK.map((at) => ({ value: String(at), label: formatWeekday(at) }))}
    values={values.map(String)}
    onChange={(chosen) => onChange(chosen.map(Number).sort((a, b) => a - b))}
  />
);
