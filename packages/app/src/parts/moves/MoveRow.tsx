import { Link } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import type { LimitAnswer } from '@drubo/core/limits';
import type { KitAnswer } from '@drubo/core/knowledge';
import type { Variation } from '@drubo/core/catalogue';
import { EMPHASIS_LABELS, explain, KIT_LABELS, STANCE_LABELS } from '@drubo/words/explain';
import type { EmphasisId } from '@drubo/core/vocabulary';
import { Figure } from '../../figures/Figure';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { LimitMark } from './LimitMark';
import { partsMovesWords } from '@drubo/words/screens/parts-moves';

const said = partsMovesWords.moveRow;

/** The strongest things a movement trains, in words. */
const trainsLine = ({ emphasis }: Variation): string =>
  (Object.entries(emphasis) as [EmphasisId, number][])
    .sort((a, b) => b[1] - a[1])
    .slice(0, 3)
    .map(([id]) => EMPHASIS_LABELS[id])
    .join(', ');

/** The end of the movement that shows what it is. */
export const tellingDepth = ({ startsAt, family }: Variation): number =>
  startsAt === 'bottom' && family === 'bridge' ? 0 : 0.95;

/** A movement in a list: drawn, named, what it trains, and what limits and room say. */
export const MoveRow = ({
  variation,
  limits,
  kit,
}: {
  variation: Variation;
  limits: LimitAnswer | null;
  kit: KitAnswer | null;
}) => {
  const palette = usePalette();
  const standIns = kit?.standIns.map((s) => said.for(KIT_LABELS[s.use], KIT_LABELS[s.for])).join(', ');
  const [reason] = limits?.state === 'restricted' ? limits.reasons : [];
  return (
    <View role="listitem">
      <Link href={`/moves/${variation.id}`} asChild>
        <Pressable
          role="link"
          aria-label={variation.name}
          style={StyleSheet.flatten([styles.row, { backgroundColor: palette.card, borderColor: palette.hairline }])}
        >
          <Figure variation={variation} depth={tellingDepth(variation)} width={72} height={64} />
          <View style={styles.words}>
            <Row gap="xs">
              <FamilyGlyph family={variation.family} size={16} />
              <Txt kind="label" style={styles.shrink}>
                {variation.name}
              </Txt>
            </Row>
            <Txt kind="small" tone="quiet">
              {trainsLine(variation)} · {STANCE_LABELS[variation.stance]}
            </Txt>
            {standIns ? <Txt kind="small">{standIns}</Txt> : null}
            {limits && limits.state !== 'open' ? (
              <LimitMark
                state={limits.state}
                text={reason ? explain(reason, { unit: 'kg', nameOf: () => variation.name }).text : undefined}
              />
            ) : null}
          </View>
        </Pressable>
      </Link>
    </View>
  );
};

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    borderWidth: 1,
    borderRadius: RADIUS,
    padding: SPACE.s,
    minHeight: 76,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 0, gap: 2 },
  shrink: { flexShrink: 1 },
});
