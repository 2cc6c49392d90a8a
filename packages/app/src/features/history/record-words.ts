import type { ItemId } from '@drubo/core/vocabulary';
import type { SessionRecordFields } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { CAUSE_WORDS, EMPHASIS_LABELS, inSentence, JOINT_LABELS, MUSCLE_LABELS } from '@drubo/words/explain';
import type { CheckIn } from '@drubo/core/session';
import { historyWords } from '@drubo/words/screens/history';

const said = historyWords.recordWords;

const checkInWords = ({ soreness, joints, painkillers, illness, minutes, sleep, energy, pressure }: CheckIn): string =>
  [
    joints === null
      ? null
      : joints.length === 0
        ? said.noJointPain
        : joints.map(({ area, pain }) => `${inSentence(JOINT_LABELS[area])} ${pain}`).join(', '),
    soreness === null
      ? null
      : soreness.length === 0
        ? said.nothingSore
        : soreness.map(({ muscle, level }) => said.sore(inSentence(MUSCLE_LABELS[muscle]), level)).join(', '),
    illness === null || illness === 'none' ? null : illness === 'just-over' ? said.justOverAnIllness : said.feverOrChestIllness,
    painkillers ? 'painkillers' : null,
    sleep === 'short' ? said.shortSleep : null,
    energy === 'low' ? said.lowEnergy : null,
    pressure ? `${pressure.systolic}/${pressure.diastolic} mmHg` : null,
    minutes === null ? null : said.min(minutes),
  ]
    .filter(Boolean)
    .join(', ') || said.nothingSaid;

/** Something kept about a session, in one line. `nameOf`: an exercise of the session by its id. */
export const recordWords = (fields: SessionRecordFields, nameOf: (itemId: ItemId) => string): string => {
  const named = (variationId: string): string => findVariation(builtInCatalogue, variationId)?.name ?? variationId;
  switch (fields.kind) {
    case 'add':
      return said.added(named(fields.item.variationId));
    case 'swap':
      return said.insteadOf(named(fields.item.variationId), inSentence(nameOf(fields.itemId)), CAUSE_WORDS[fields.because]);
    case 'sets':
      return `${nameOf(fields.itemId)}: ${said.setCount(fields.sets)}, ${CAUSE_WORDS[fields.because]}`;
    case 'leave':
      return said.left(nameOf(fields.itemId), CAUSE_WORDS[fields.because]);
    case 'pair':
      return said.inTurnWith(nameOf(fields.itemId), inSentence(nameOf(fields.withItemId)));
    case 'dose':
      return said.madeEasier(nameOf(fields.itemId), CAUSE_WORDS[fields.because]);
    case 'check-in':
      return said.checkIn(checkInWords(fields.answers));
    case 'note':
      return fields.itemId === null ? fields.text : `${nameOf(fields.itemId)}: ${fields.text}`;
    case 'passed-over':
      return said.advicePassedOver(nameOf(fields.itemId));
    case 'after':
      return [
        said.afterwards,
        fields.effort === null ? said.effortNotAsked : said.effort(fields.effort),
        fields.feltWhere.length > 0
          ? said.feltIn(fields.feltWhere.map((id) => inSentence(EMPHASIS_LABELS[id])).join(', '))
          : null,
        fields.words ? `“${fields.words}”` : null,
      ]
        .filter(Boolean)
        .join(' ');
  }
};
