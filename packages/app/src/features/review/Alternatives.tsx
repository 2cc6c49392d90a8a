import type { ItemId } from '@drubo/core/vocabulary';
import type { AlternativeDto, ChoiceDto } from '@drubo/contracts';
import type { Variation } from '@drubo/core/catalogue';
import { inSentence, METHOD_LABELS, VERDICT_LABELS } from '@drubo/words/explain';
import { Button } from '../../ui/Button';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useExplain } from '../../ui/Why';
import { shortOutcome } from './change-words';
import { choiceOfAlternative } from './choices';
import { isWayOn } from './ways';
import type { WayOn } from './ways';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.alternatives;

type Beside = Exclude<AlternativeDto['by'], 'method' | WayOn>;

const BY_WORDS: Record<Beside, string> = words.byWords;

/** What else can be done, each with what it means and one tap to take it. */
export const Alternatives = ({
  itemId,
  variation,
  alternatives,
  onChoose,
}: {
  itemId: ItemId;
  variation: Variation;
  alternatives: readonly AlternativeDto[];
  onChoose(choice: ChoiceDto): void;
}) => {
  const explainAll = useExplain();
  // The ways on stand on the card.
  const beside = alternatives.filter(({ by }) => !isWayOn(by));
  if (beside.length === 0) return null;
  return (
    <Stack gap="s">
      <Heading level={3}>{words.orInstead}</Heading>
      {beside.map((alternative) => {
        const { by, method, outcome } = alternative;
        const title = by === 'method' && method ? METHOD_LABELS[method] : BY_WORDS[by as keyof typeof BY_WORDS];
        const [why] = explainAll(outcome.reasons);
        return (
          <Stack key={`${by}-${method}`} gap="xs">
            <Button
              label={`${title}: ${inSentence(VERDICT_LABELS[outcome.verdict])}`}
              says={`${title}: ${VERDICT_LABELS[outcome.verdict]}, ${shortOutcome(outcome, variation)}`}
              onPress={() => onChoose(choiceOfAlternative(itemId, alternative))}
            />
            <Txt kind="small">{shortOutcome(outcome, variation)}</Txt>
            {why && (
              <Txt kind="small" tone="quiet">
                {why.text}
              </Txt>
            )}
          </Stack>
        );
      })}
    </Stack>
  );
};
