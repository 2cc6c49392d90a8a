import type { PersonDetailDto, PersonPlanDto } from '@drubo/contracts';
import { placesOn, withLines } from '@drubo/core/weeks';
import type { StoredOf } from '../types';
import type { ReducersOf } from './reducer';

type Detail = PersonDetailDto;
type PlanWrite = StoredOf<'beginPlan' | 'changePlan' | 'undoPlan' | 'endPlan'>;

/** The plan of a page as an answer has it, where that is newer; as asked while it waits. */
const withPlan = (detail: Detail, write: PlanWrite, asked: (plan: PersonPlanDto) => PersonPlanDto): Detail => {
  const { plan } = detail;
  if (!plan || write.params.personId !== detail.person.id) return detail;
  if (write.reply) return write.reply.version > plan.version ? { ...detail, plan: write.reply } : detail;
  return { ...detail, plan: asked(plan) };
};

/** What the server makes of it is the next version: a change after this one is made from that. */
const next = (plan: PersonPlanDto, { body }: PlanWrite): number => Math.max(plan.version, body.version + 1);

const withChange = (detail: Detail, write: StoredOf<'changePlan'>): Detail =>
  withPlan(detail, write, (kept) => {
    const { plan } = kept;
    if (plan?.block.id !== write.body.blockId) return kept;
    const { lines, left, weekdays = plan.weekdays, places = plan.places ?? [] } = write.body;
    const block = withLines(plan.block, lines);
    return {
      ...kept,
      version: next(kept, write),
      canUndo: true,
      plan: { ...plan, block, weekdays, places: placesOn(places, weekdays), left: [...plan.left, ...left] },
    };
  });

/** What a block is made of, and what stood before, is the server's to say: until then nothing of it shows. */
const untilAnswered = (detail: Detail, write: StoredOf<'beginPlan' | 'undoPlan'>): Detail =>
  withPlan(detail, write, (kept) => kept);

export const planReducers: ReducersOf<'getPerson'> = {
  beginPlan: untilAnswered,
  undoPlan: untilAnswered,
  changePlan: withChange,
  endPlan: (detail, write) => withPlan(detail, write, (kept) => ({ ...kept, version: next(kept, write), plan: null })),
};
