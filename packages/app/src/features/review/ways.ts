import type { AlternativeDto, ReviewItemDto } from '@drubo/contracts';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.waysText;

type Outcome = AlternativeDto['outcome'];

/** Alternatives that are ways on: drawn side by side on the card. */
export type WayOn = Extract<AlternativeDto['by'], 'load' | 'next-stage'>;
export const isWayOn = (by: AlternativeDto['by']): by is WayOn => by === 'load' || by === 'next-stage';

/** One way on from an exercise: what would be settled, and whether it is the one proposed. */
export interface Way {
  id: string;
  outcome: Outcome;
  isProposed: boolean;
}

const isStage = ({ verdict, variationId }: Outcome): boolean => verdict === 'move-up' && variationId !== undefined;

/**
 * The ways on where a stage is earned, the one proposed first; staying, with more load where there is more, is always one.
 * None where no stage is open.
 */
export const waysOf = ({ proposal, alternatives }: Pick<ReviewItemDto, 'proposal' | 'alternatives'>): Way[] => {
  const stages = alternatives.filter(({ by }) => by === 'next-stage').map(({ outcome }) => outcome);
  if (stages.length === 0 && !isStage(proposal)) return [];
  const stays = alternatives.find(({ by }) => by === 'load') ?? alternatives.find(({ by }) => by === 'same');
  const others = [...stages, ...(isStage(proposal) && stays ? [stays.outcome] : [])];
  return [
    { id: 'proposed', outcome: proposal, isProposed: true },
    ...others.map((outcome, at) => ({ id: `${at}-${outcome.variationId ?? words.stay}`, outcome, isProposed: false })),
  ];
};
