import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChoiceDto, KitDto, ReviewItemDto } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { doubtsOf } from '@drubo/core';
import { formatLoad, VERDICT_LABELS } from '@drubo/words/explain';
import { SetMarks } from '../../charts/SetMarks';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { VerdictMark } from '../../ui/VerdictMark';
import { useExplain, WhyDot } from '../../ui/Why';
import { changeWords, sameOr, shortOutcome } from './change-words';
import { isEdited } from './choices';
import { EditChoice } from './EditChoice';
import { Evidence } from '../../parts/sheet/Evidence';
import { Trace } from './Trace';
import { Ways } from './Ways';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.reviewCard;

/** What was done: the plan, or where other loads were used those, in the order they came, with the plan beside them. */
const beforeWords = ({ from, values, sets }: ReviewItemDto, variation: Variation): string => {
  const planned = shortOutcome({ dose: { ...from, repsAim: undefined }, values }, variation);
  const used = [...new Set(sets.filter(({ kind }) => kind === 'work').map((set) => formatLoad(set)))];
  const isAsPlanned = used.length === 0 || (used.length === 1 && used[0] === formatLoad(from.load));
  return isAsPlanned ? planned : words.planned(used.join(words.then), planned);
};

/** What the numbers rest on is told when asked why. */
const BEHIND_IT: ReadonlySet<string> = new Set(['strength-estimate', 'reports-set-aside']);

/** One exercise's verdict: the step it takes, its one change, planned against done, why, and the way to edit it. */
export const ReviewCard = ({
  item,
  day,
  kit,
  choice,
  canEdit,
  isPostponed,
  onPostpone,
  onChoose,
}: {
  item: ReviewItemDto;
  /** The session's day, as a day number. */
  day: number;
  kit: KitDto;
  choice: ChoiceDto;
  canEdit: boolean;
  /** Whether it is to be decided another time. */
  isPostponed: boolean;
  onPostpone(isPostponed: boolean): void;
  onChoose(choice: ChoiceDto): void;
}) => {
  const [isEditing, setEditing] = useState(false);
  const explainAll = useExplain();
  const variation = getVariation(builtInCatalogue, item.variationId);
  const { proposal, from, sets } = item;
  const edited = isEdited(choice, item);
  const today = { day, dose: from, values: item.values, sets };
  const evidence = { dose: from, past: [...item.past, today] };
  const before = beforeWords(item, variation);
  const after = choice.verdict === 'leave-out' ? words.notOnTheNext : shortOutcome({ values: item.values, ...choice }, variation);
  const work = sets.filter(({ kind }) => kind === 'work');
  const doubtful = sets.filter((set) => doubtsOf(set).length > 0);
  return (
    <Card>
      <Row gap="s" style={styles.row}>
        <VerdictMark verdict={choice.verdict} />
        <Txt kind="small" tone="quiet">
          {edited ? words.changedByYou : changeWords(proposal.change)}
        </Txt>
      </Row>
      <Row gap="s">
        <FamilyGlyph family={variation.family} />
        <Heading level={2}>{variation.name}</Heading>
      </Row>
      <View>
        <Txt tone="quiet">{before}</Txt>
        <Txt kind="bold">→ {after === before ? sameOr(edited ? null : proposal.change) : after}</Txt>
      </View>
      {work.length > 0 && <SetMarks sets={work} dose={from} />}
      {doubtful.length > 0 && (
        <Txt kind="small" tone="clay" role="alert">
          {doubtful.map((set) => words.setCantBeRight(set.setIndex + 1, doubtsOf(set).join(words.and))).join(' ')}
        </Txt>
      )}
      <Txt>
        {explainAll(proposal.reasons.filter(({ code }) => !BEHIND_IT.has(code)))
          .map(({ text }) => text)
          .join(' ')}
      </Txt>
      <Ways item={item} variation={variation} choice={choice} canEdit={canEdit && !isPostponed} onChoose={onChoose} />
      {isPostponed && <Txt tone="saffron">{words.decidedLaterItsNumbers}</Txt>}
      {edited && (
        <Txt kind="small" tone="saffron">
          {words.proposed(VERDICT_LABELS[proposal.verdict], shortOutcome(proposal, variation))}
        </Txt>
      )}
      <Row gap="s" style={styles.row}>
        <WhyDot
          about={`${variation.name}, ${VERDICT_LABELS[proposal.verdict]}`}
          reasons={proposal.reasons}
          label={words.why}
          more={() => (
            <>
              <Trace proposal={proposal} />
              {proposal.reasons.some(({ basis }) => basis === 'strength-model') && (
                <Evidence variation={variation} item={evidence} reasons={proposal.reasons} />
              )}
            </>
          )}
        />
        {canEdit && (
          <Row gap="s" style={styles.row}>
            <Button
              look="quiet"
              label={isPostponed ? words.decideNow : words.later}
              says={`${isPostponed ? words.decideNow : words.decideLater}: ${variation.name}`}
              onPress={() => onPostpone(!isPostponed)}
            />
            <Button
              label={words.edit}
              says={words.editWithName(variation.name)}
              disabled={isPostponed}
              onPress={() => setEditing(true)}
            />
          </Row>
        )}
      </Row>
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
  row: { justifyContent: 'space-between' },
});
