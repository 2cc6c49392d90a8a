import { startKit } from '../../kit';
import type { WholePerson } from './person';
import { READINESS } from '../../vocabulary';
import type { ReadinessId } from '../../vocabulary';

/** Every question before exercise answered, yes to these. */
export const answered = (...yes: ReadinessId[]): WholePerson['health'] => ({
  answers: Object.fromEntries(READINESS.map((id) => [id, yes.includes(id) ? 'yes' : 'no'])),
});

/** A novice of 33 and 70 kg in the studio, twice a week for 45 minutes, nothing unusual about them. Invented. */
export const aWholePerson = (key: string, over: Partial<WholePerson> = {}): WholePerson => ({
  key,
  goal: 'build-muscle',
  trainingAge: 'novice',
  age: 33,
  daysPerWeek: 2,
  minutes: 45,
  massKg: 70,
  kit: startKit('studio', 'kg'),
  health: answered(),
  strength: 1,
  reports: { missing: 0.3, bias: 1 },
  missed: 0.06,
  faults: 0.04,
  pace: 1,
  ...over,
});
