import { getVariation } from '@drubo/core/catalogue';
import { formatDose, formatSettings } from './words';
import type { WholePerson, WholeSession } from '@drubo/core/simulation';

/** One person's months as sheets to read, one line an exercise: what was asked, what was done, what came of it. */
export const printLife = (person: WholePerson, life: readonly WholeSession[]): string[] => [
  `${person.key}: ${person.age ?? 'age not asked'} · ${person.goal} · ${person.trainingAge} · ${person.daysPerWeek} a week, ${person.minutes} min · ${person.massKg} kg · strength ${person.strength}`,
  ...life.flatMap((session) => [
    '',
    `Week ${session.week + 1}, day ${session.day}${session.isOdd ? ' (a day of its own)' : ''} · ${session.sheet.shape} · ${session.minutes} of ${session.budget} min` +
      (session.pains.size > 0 ? ` · hurts: ${[...session.pains].map(([joint, level]) => `${joint} ${level}`).join(', ')}` : ''),
    ...session.sheet.items.map((item) => {
      const role = session.sheet.blocks.find(({ id }) => id === item.blockId)?.role ?? 'main';
      const { name } = getVariation(session.context.catalogue, item.variationId);
      const sets = session.ran.sets.filter(({ itemId }) => itemId === item.id);
      const done = sets
        .map((set) => {
          const count = set.reps ?? `${set.seconds} s`;
          const mark = set.kind === 'feeler' ? 'f' : '';
          const left = set.reserve === null ? '' : `(${set.reserve})`;
          return `${mark}${set.side === 'left' ? 'L' : set.side === 'right' ? 'R' : ''}${count}@${set.externalKg}${left}${set.endedBy === 'failure' ? '!' : ''}${set.faults.length > 0 ? '×' : ''}${(set.jointPain ?? 0) > 0 ? `p${set.jointPain}` : ''}`;
        })
        .join(' ');
      const settled = session.settled.find(({ itemId }) => itemId === item.id)?.proposal;
      const change = settled?.change
        ? ` ${settled.change.lever} ${String(settled.change.from)}→${String(settled.change.to)}`
        : '';
      const verdict = settled ? ` ⇒ ${settled.verdict}${change} [${settled.reasons.map(({ code }) => code).join(', ')}]` : '';
      return `  ${role.padEnd(9)} ${item.slot.padEnd(12)} ${name}${formatSettings(item.values)}: ${formatDose(item.dose)} | ${done}${verdict}`;
    }),
    ...session.sheet.gaveUp.map(({ code, values }) => `  gave up: ${code} ${JSON.stringify(values)}`),
  ]),
];
