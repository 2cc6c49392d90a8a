import { View } from 'react-native';
import type { ReviewDto, ReviewOtherDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatDose, inSentence } from '@drubo/words/explain';
import { isHardKind } from '@drubo/core';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { doneLine } from '../../parts/sheet/last-time';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.othersCard;

const nameOf = (id: string): string => findVariation(builtInCatalogue, id)?.name ?? id;

/** What was done of an exercise that gets no verdict, against what was asked. */
const doneWords = ({ dose, sets, variationId, role }: ReviewOtherDto): string => {
  const stance = findVariation(builtInCatalogue, variationId)?.stance ?? 'two-leg';
  const asked = formatDose(dose, stance, role);
  return sets.some(({ kind }) => isHardKind(kind))
    ? words.done(asked, doneLine({ sets: [...sets], dose }, stance, role))
    : words.notDone(asked);
};

/** Stand-ins, drills, holds and finishers: kept and counted, but chosen anew each time instead of judged. */
export const OthersCard = ({ review }: { review: ReviewDto }) => {
  const shown = review.others.filter(({ sets, standsFor }) => sets.length > 0 || standsFor !== null);
  if (shown.length === 0) return null;
  return (
    <Card>
      <Heading level={2}>{words.doneWithoutAVerdict}</Heading>
      {shown.map((other) => {
        const variation = findVariation(builtInCatalogue, other.variationId);
        return (
          <Row key={other.itemId} gap="s" align="stretch">
            {variation && <FamilyGlyph family={variation.family} />}
            <View style={{ flexShrink: 1 }}>
              <Txt kind="bold">{nameOf(other.variationId)}</Txt>
              <Txt kind="small" tone="quiet">
                {doneWords(other)}
              </Txt>
              {other.standsFor !== null && <Txt kind="small">{words.stoodInForWhich(inSentence(nameOf(other.standsFor)))}</Txt>}
            </View>
          </Row>
        );
      })}
    </Card>
  );
};
