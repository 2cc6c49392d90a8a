import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChoiceDto, KitDto, ReviewItemDto } from '@drubo/contracts';
import type { Dose } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { formatLoad, formatSets, VERDICT_LABELS } from '@drubo/core/explain';
import type { ChangeLever, Stance } from '@drubo/core/vocabulary';
import { SetMarks } from '../../charts/SetMarks';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Heading, Txt } from '../../ui/Txt';
import { VerdictMark } from '../../ui/VerdictMark';
import { useExplain, WhyDot } from '../../ui/Why';
import { isEdited } from './choices';
import { EditChoice } from './EditChoice';

const CHANGES: Record<ChangeLever, string> = { load: 'load changes', reps: 'reps change', sets: 'sets change' };

const short = (dose: Dose, stance: Stance): string => `${formatLoad(dose.load)} · ${formatSets(dose, stance)}`;

/** One exercise's verdict: the step it takes, its one change, planned against done, why, and the way to edit it. */
export const ReviewCard = ({
  item,
  kit,
  choice,
  canEdit,
  onChoose,
}: {
  item: ReviewItemDto;
  kit: KitDto;
  choice: ChoiceDto;
  canEdit: boolean;
  onChoose(choice: ChoiceDto): void;
}) => {
  const [isEditing, setEditing] = useState(false);
  const explainAll = useExplain();
  const variation = getVariation(builtInCatalogue, item.variationId);
  const { proposal, from, sets } = item;
  const edited = isEdited(choice, item);
  const before = short(from, variation.stance);
  const after = choice.verdict === 'leave-out' ? 'not on the next sheet' : short(choice.dose, variation.stance);
  return (
    <Card>
      <View style={styles.row}>
        <VerdictMark verdict={choice.verdict} />
        <Txt kind="small" tone="quiet">
          {edited ? 'changed by you' : proposal.change ? CHANGES[proposal.change.lever] : 'nothing changes'}
        </Txt>
      </View>
      <View style={styles.name}>
        <FamilyGlyph family={variation.family} />
        <Heading level={2}>{variation.name}</Heading>
      </View>
      <View>
        <Txt tone="quiet">{before}</Txt>
        <Txt kind="bold">→ {after === before ? 'the same' : after}</Txt>
      </View>
      {sets.length > 0 && <SetMarks sets={sets} dose={from} />}
      <Txt>
        {explainAll(proposal.reasons)
          .map(({ text }) => text)
          .join(' ')}
      </Txt>
      {edited && (
        <Txt kind="small" tone="saffron">
          Proposed: {VERDICT_LABELS[proposal.verdict]}, {short(proposal.dose, variation.stance)}
        </Txt>
      )}
      <View style={styles.row}>
        <WhyDot about={`${variation.name}, ${VERDICT_LABELS[proposal.verdict]}`} reasons={proposal.reasons} label="Why" />
        {canEdit && <Button label="Edit" says={`Edit ${variation.name}`} onPress={() => setEditing(true)} />}
      </View>
      {isEditing && (
        <EditChoice
          item={item}
          kit={kit}
          variation={variation}
          choice={choice}
          onSave={(next) => {
            onChoose(next);
            setEditing(false);
          }}
          onClose={() => setEditing(false)}
        />
      )}
    </Card>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: SPACE.s },
  name: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
});
