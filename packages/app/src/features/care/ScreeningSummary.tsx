import { StyleSheet, View } from 'react-native';
import { recordsOf } from '@drubo/contracts';
import type { PersonDetailDto } from '@drubo/contracts';
import {
  BODY_SIDE_LABELS,
  counted,
  FAULT_LABELS,
  formatNumber,
  inSentence,
  LIMIT_LABELS,
  TASK_WORDS,
} from '@drubo/words/explain';
import type { ScreeningResult, Seen, SuggestedLimit } from '@drubo/core/screening';
import { newId } from '../../data/ids';
import type { PersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row, Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import { aidWords, changeBetween, drillNames, startWords } from './conclusions';
import { freshLimit } from './LimitDialog';

/** What the screening comes to: where each ladder starts, aids, drills, limits to take over, what changed since last time. */
export const ScreeningSummary = ({
  detail,
  seen,
  before,
  result,
  writer,
  today,
}: {
  detail: PersonDetailDto;
  seen: Seen;
  before: Seen | null;
  result: ScreeningResult;
  writer: PersonWriter;
  today: string;
}) => {
  const starts = startWords(result);
  const aids = aidWords(result);
  const drills = drillNames(result);
  const change = before ? changeBetween(before, seen) : null;
  return (
    <Stack gap="m">
      <Card>
        <Heading level={3}>Starts</Heading>
        {starts.length === 0 ? (
          <Txt>Nothing seen lowers a start: each ladder begins as usual.</Txt>
        ) : (
          starts.map(({ ladder, start }) => (
            <Txt key={ladder}>
              {ladder}: <Txt kind="bold">{start}</Txt>
            </Txt>
          ))
        )}
        {aids.length > 0 && <Txt>Aids: {aids.join(', ')}.</Txt>}
        {drills.length > 0 && <Txt>Before the first set: {drills.join(', ')}.</Txt>}
        {result.weakerSide && <Txt>Sets start with the {BODY_SIDE_LABELS[result.weakerSide]}.</Txt>}
        {result.notJudged.length > 0 && (
          <Txt tone="saffron">Not judged: {result.notJudged.map((task) => inSentence(TASK_WORDS[task].name)).join('; ')}.</Txt>
        )}
        {result.lookAgainWeeks !== null && <Txt>Look again in {counted(result.lookAgainWeeks, 'week')}.</Txt>}
      </Card>
      {result.limits.map((limit) => (
        <Suggested key={`${limit.limit}-${limit.side}`} limit={limit} detail={detail} writer={writer} today={today} />
      ))}
      {change && (
        <Card>
          <Heading level={3}>Since last time</Heading>
          {change.gone.length + change.came.length + change.reach.length === 0 && <Txt>Nothing changed.</Txt>}
          {change.gone.map(({ task, fault }) => (
            <Txt key={`gone-${task}-${fault}`} tone="moss">
              Gone: {FAULT_LABELS[fault]} ({inSentence(TASK_WORDS[task].name)})
            </Txt>
          ))}
          {change.came.map(({ task, fault }) => (
            <Txt key={`came-${task}-${fault}`} tone="clay">
              New: {FAULT_LABELS[fault]} ({inSentence(TASK_WORDS[task].name)})
            </Txt>
          ))}
          {change.reach.map(({ side, fromCm, toCm }) => (
            <Txt key={side}>
              Knee to wall {side}: {formatNumber(fromCm)} → {formatNumber(toCm)} cm
            </Txt>
          ))}
        </Card>
      )}
      <Card>
        <Heading level={3}>What was found</Heading>
        <ReasonList reasons={result.findings.map(({ reason }) => reason)} />
      </Card>
      <Txt kind="small" tone="quiet">
        What was seen, not a diagnosis. Pain that worries you belongs to a clinician.
      </Txt>
    </Stack>
  );
};

/** A limit the screening suggests; one tap takes it over, and nothing is taken over by itself. */
const Suggested = ({
  limit: { limit, side, severity },
  detail,
  writer,
  today,
}: {
  limit: SuggestedLimit;
  detail: PersonDetailDto;
  writer: PersonWriter;
  today: string;
}) => {
  const known = recordsOf(detail.records, 'limit').find(
    ({ fields }) => fields.limit === limit && (fields.side === side || fields.side === 'both' || side === 'both'),
  );
  const words = `${LIMIT_LABELS[limit]}${side === 'both' ? '' : `, ${BODY_SIDE_LABELS[side]}`}: ${severity} of 10`;
  const isSame = known?.fields.severity === severity && known.fields.askedOn === today;
  const take = () => {
    const fields = known ? { ...known.fields, severity, askedOn: today } : { ...freshLimit(limit, side, today), severity };
    void writer.saveRecord(known?.id ?? newId(), fields);
  };
  return (
    <Card edge="clay">
      <Row gap="s">
        <View style={styles.grow}>
          <Txt kind="bold">{words}</Txt>
          <Txt kind="small" tone="quiet">
            {isSame ? 'Is on record.' : known ? `On record with ${known.fields.severity ?? '?'} of 10.` : 'Suggested as a limit.'}
          </Txt>
        </View>
        {!isSame && (
          <Button label={known ? 'Update' : 'Add'} says={`Take over the limit: ${words}`} busy={writer.isBusy} onPress={take} />
        )}
      </Row>
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
