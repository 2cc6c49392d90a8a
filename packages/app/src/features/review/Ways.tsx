import { Pressable, StyleSheet, View } from 'react-native';
import type { ChoiceDto, ReviewItemDto } from '@drubo/contracts';
import type { Load } from '@drubo/core/kit';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { formatLoad, formatSets, inSentence, POSITION_LABELS } from '@drubo/words/explain';
import { formatDifference } from '@drubo/words/movement-words';
import { differences } from '@drubo/core/selection';
import { Figure } from '../../figures/Figure';
import { heldIn } from '../../figures/held';
import { RADIUS, SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Stack, Wrap } from '../../ui/layout';
import { pressOnSpace } from '../../ui/press-on-space';
import { Txt } from '../../ui/Txt';
import { tellingDepth } from '../../parts/moves/MoveRow';
import { settingsLine } from '../../parts/sheet/settings-line';
import { choiceFrom, isTaken } from './choices';
import { waysOf } from './ways';
import type { Way } from './ways';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.ways;

/** What tells most about another movement; more would not be read between two exercises. */
const TOLD = 3;
const NOTHING = new Set<never>();

/** What asks for other kit is no matter here: only what can be done is offered. */
const OF_KIT: ReadonlySet<string> = new Set(['same-pattern', 'needs', 'needs-no', 'uses-instead']);

const differs = (from: Variation, to: Variation, { outcome }: Way, before: Load): string => {
  if (to.id === from.id) {
    const settings = outcome.values ? settingsLine(to, outcome.values, outcome.dose.load) : null;
    return settings ?? (outcome.verdict === 'move-up' ? words.theSameMovementMore : words.theSameMovementAs);
  }
  const { position } = outcome.dose.load;
  const held = position === before.position ? [] : [POSITION_LABELS[position]];
  const told = differences(from, to, NOTHING, []).filter(({ code }) => !OF_KIT.has(code));
  return [...held, ...told.map(formatDifference)].slice(0, TOLD).join(', ');
};

/** The ways on from an earned stage, side by side: how each looks, what differs, its first dose. One is taken. */
export const Ways = ({
  item,
  variation,
  choice,
  canEdit,
  onChoose,
}: {
  item: ReviewItemDto;
  variation: Variation;
  choice: ChoiceDto;
  canEdit: boolean;
  onChoose(choice: ChoiceDto): void;
}) => {
  const palette = usePalette();
  const ways = waysOf(item);
  if (ways.length < 2) return null;
  return (
    <Stack role="radiogroup" aria-label={words.waysOnFrom(variation.name)} gap="xs">
      <Txt kind="small" tone="quiet">
        {words.waysOn}
      </Txt>
      <Wrap gap="s">
        {ways.map((way) => {
          const { id, outcome, isProposed } = way;
          const to = (outcome.variationId && findVariation(builtInCatalogue, outcome.variationId)) || variation;
          const chosen = isTaken(choice, outcome);
          const told = differs(variation, to, way, item.from.load);
          const dose = `${formatLoad(outcome.dose.load)} · ${formatSets(outcome.dose, to.stance)}`;
          const name = to.id === variation.id && !outcome.variationId ? words.stay(inSentence(to.name)) : to.name;
          const take = () => onChoose(choiceFrom(item.itemId, outcome));
          return (
            <Pressable
              key={id}
              role="radio"
              aria-checked={chosen}
              aria-label={`${name}, ${told}, ${dose}${isProposed ? words.recommended : ''}`}
              disabled={!canEdit}
              onPress={take}
              {...pressOnSpace(take)}
              style={({ pressed }) => [
                styles.way,
                {
                  backgroundColor: chosen ? palette.mossTint : palette.card,
                  borderColor: chosen ? palette.moss : palette.edge,
                  borderWidth: chosen ? 2 : 1,
                  opacity: pressed ? 0.75 : 1,
                },
              ]}
            >
              <View style={styles.figure} aria-hidden>
                <Figure
                  variation={to}
                  values={outcome.values ?? {}}
                  depth={tellingDepth(to)}
                  width={76}
                  height={62}
                  held={heldIn(outcome.dose.load)}
                  bare
                />
              </View>
              <Txt kind="bold">{name}</Txt>
              <Txt kind="small">{told}</Txt>
              <Txt kind="small" tone="quiet">
                {dose}
              </Txt>
              <Txt kind="small" tone="moss">
                {[chosen ? words.taken : null, isProposed ? words.recommendedAtStart : null].filter(Boolean).join(' · ')}
              </Txt>
            </Pressable>
          );
        })}
      </Wrap>
    </Stack>
  );
};

const styles = StyleSheet.create({
  way: { flexGrow: 1, flexBasis: 140, minHeight: TARGET.usual, borderRadius: RADIUS, padding: SPACE.s, gap: SPACE.xs },
  figure: { alignItems: 'center' },
});
