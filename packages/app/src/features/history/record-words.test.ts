import { NOT_ASKED } from '@drubo/core/session';
import { recordWords } from './record-words';

const nameOf = () => 'Goblet squat';
const dose = {} as never;

it.each([
  [{ kind: 'sets', itemId: 'a', sets: 1, because: 'time' }, 'Goblet squat: 1 set, for time'],
  [{ kind: 'leave', itemId: 'a', because: 'pain' }, 'Goblet squat left, for pain'],
  [{ kind: 'dose', itemId: 'a', dose, values: {}, because: 'check-in' }, 'Goblet squat made easier, by the check-in'],
  [{ kind: 'note', text: 'second rack', itemId: null }, 'second rack'],
  [{ kind: 'note', text: 'second rack', itemId: 'a' }, 'Goblet squat: second rack'],
  [{ kind: 'check-in', answers: NOT_ASKED }, 'Check-in: nothing said'],
  [
    {
      kind: 'check-in',
      answers: { ...NOT_ASKED, joints: [{ area: 'knee', side: 'left', pain: 2 }], soreness: [], sleep: 'short' },
    },
    'Check-in: knee 2, nothing sore, short sleep',
  ],
  [
    { kind: 'after', effort: 7, minutes: null, feltWhere: ['glutes'], words: 'fine' },
    'Afterwards: effort 7 felt in glutes “fine”',
  ],
  [{ kind: 'after', effort: null, minutes: null, feltWhere: [], words: '' }, 'Afterwards: effort not asked'],
] as const)('%j', (fields, words) => expect(recordWords(fields, nameOf)).toBe(words));
