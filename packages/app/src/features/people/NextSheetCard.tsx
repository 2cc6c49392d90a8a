import { useRouter } from 'expo-router';
import { StyleSheet } from 'react-native';
import type { SheetDto } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { formatLoad, formatSets } from '@drubo/words/explain';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.nextSheetCard;

/** The next sheet in short: what, how much, how long. */
export const NextSheetCard = ({ sheet }: { sheet: SheetDto }) => {
  const router = useRouter();
  return (
    <Card>
      <Row gap="s">
        <Heading style={styles.grow}>{words.nextSheetMin(sheet.minutes)}</Heading>
        <Button label={words.open} says={words.openTheNextSheet} onPress={() => router.push(`/sheet/${sheet.id}`)} />
      </Row>
      {sheet.items.map(({ id, variationId, dose }) => {
        const variation = getVariation(builtInCatalogue, variationId);
        return (
          <Row key={id} gap="s">
            <FamilyGlyph family={variation.family} />
            <Txt style={styles.grow}>{variation.name}</Txt>
            <Txt kind="label" style={styles.right}>
              {formatSets(dose, variation.stance)} · {formatLoad(dose.load)}
            </Txt>
          </Row>
        );
      })}
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
  right: { textAlign: 'right', flexShrink: 0 },
});
