import type { SessionRecordFields } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { CAUSE_WORDS, counted, EMPHASIS_LABELS, inSentence, JOINT_LABELS, MUSCLE_LABELS } from '@drubo/words/explain';
import type { CheckIn } from '@drubo/core/session';

const checkInWords = ({ soreness, joints, painkillers, illness, minutes, sleep, energy, pressure }: CheckIn): string =>
  [
    joints === null
      ? null
      : joints.length === 0
        ? 'no joint pain'
        : joints.map(({ area, pain }) => `${inSentence(JOINT_LABELS[area])} ${pain}`).join(', '),
    soreness === null
      ? null
      : soreness.length === 0
        ? 'nothing sore'
        : soreness.map(({ muscle, level }) => `${inSentence(MUSCLE_LABELS[muscle])} sore ${level}`).join(', '),
    illness === null || illness === 'none' ? null : illness === 'just-over' ? 'just over an illness' : 'fever or chest illness',
    painkillers ? 'painkillers' : null,
    sleep === 'short' ? 'short sleep' : null,
    energy === 'low' ? 'low energy' : null,
    pressure ? `${pressure.systolic}/${pressure.diastolic} mmHg` : null,
    minutes === null ? null : `${minutes} min`,
  ]
    .filter(Boolean)
    .join(', ') || 'nothing said';

/** Something kept about a session, in one line. `nameOf`: an exercise of the session by its id. */
export const recordWords = (fields: SessionRecordFields, nameOf: (itemId: string) => string): string => {
  const named = (variationId: string): string => findVariation(builtInCatalogue, variationId)?.name ?? variationId;
  switch (fields.kind) {
    case 'add':
      return `${named(fields.item.variationId)} added`;
    case 'swap':
      return `${named(fields.item.variationId)} instead of ${inSentence(nameOf(fields.itemId))}, ${CAUSE_WORDS[fields.because]}`;
    case 'sets':
      return `${nameOf(fields.itemId)}: ${counted(fields.sets, 'set')}, ${CAUSE_WORDS[fields.because]}`;
    case 'leave':
      return `${nameOf(fields.itemId)} left, ${CAUSE_WORDS[fields.because]}`;
    case 'pair':
      return `${nameOf(fields.itemId)} in turn with ${inSentence(nameOf(fields.withItemId))}`;
    case 'dose':
      return `${nameOf(fields.itemId)} made easier, ${CAUSE_WORDS[fields.because]}`;
    case 'check-in':
      return `Check-in: ${checkInWords(fields.answers)}`;
    case 'note':
      return fields.itemId === null ? fields.text : `${nameOf(fields.itemId)}: ${fields.text}`;
    case 'passed-over':
      return `${nameOf(fields.itemId)}: advice passed over`;
    case 'after':
      return [
        'Afterwards:',
        fields.effort === null ? 'effort not asked' : `effort ${fields.effort}`,
        fields.feltWhere.length > 0
          ? `felt in ${fields.feltWhere.map((id) => inSentence(EMPHASIS_LABELS[id])).join(', ')}`
          : null,
        fields.words ? `“${fields.words}”` : null,
      ]
        .filter(Boolean)
        .join(' ');
  }
};
