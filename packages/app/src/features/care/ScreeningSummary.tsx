import { StyleSheet, View } from 'react-native';
import { recordsOf } from '@drubo/contracts';
import type { PersonDetailDto } from '@drubo/contracts';
import { BODY_SIDE_LABELS, FAULT_LABELS, formatNumber, inSentence, LIMIT_LABELS, TASK_WORDS } from '@drubo/words/explain';
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
import { common } from '@drubo/words/screens/common';
import { careWords } from '@drubo/words/screens/care';

const said = careWords.screeningSummary;

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
        <Heading level={3}>{said.starts}</Heading>
        {starts.length === 0 ? (
          <Txt>{said.nothingSeenLowersA}</Txt>
        ) : (
          starts.map(({ ladder, start }) => (
            <Txt key={ladder}>
              {ladder}: <Txt kind="bold">{start}</Txt>
            </Txt>
          ))
        )}
        {aids.length > 0 && <Txt>{said.aids(aids.join(', '))}</Txt>}
        {drills.length > 0 && <Txt>{said.beforeTheFirstSet(drills.join(', '))}</Txt>}
        {result.weakerSide && <Txt>{said.setsStartWithThe(BODY_SIDE_LABELS[result.weakerSide])}</Txt>}
        {result.notJudged.length > 0 && (
          <Txt tone="saffron">{said.notJudged(result.notJudged.map((task) => inSentence(TASK_WORDS[task].name)).join('; '))}</Txt>
        )}
        {result.lookAgainWeeks !== null && <Txt>{said.lookAgainIn(result.lookAgainWeeks)}</Txt>}
      </Card>
      {result.limits.map((limit) => (
        <Suggested key={`${limit.limit}-${limit.side}`} limit={limit} detail={detail} writer={writer} today={today} />
      ))}
      {change && (
        <Card>
          <Heading level={3}>{said.sinceLastTime}</Heading>
          {change.gone.length + change.came.length + change.reach.length === 0 && <Txt>{said.nothingChanged}</Txt>}
          {change.gone.map(({ task, fault }) => (
            <Txt key={`gone-${task}-${fault}`} tone="moss">
              {said.gone(FAULT_LABELS[fault], inSentence(TASK_WORDS[task].name))}
            </Txt>
          ))}
          {change.came.map(({ task, fault }) => (
            <Txt key={`came-${task}-${fault}`} tone="clay">
              {said.new(FAULT_LABELS[fault], inSentence(TASK_WORDS[task].name))}
            </Txt>
          ))}
          {change.reach.map(({ side, fromCm, toCm }) => (
            <Txt key={side}>{said.kneeToWallCm(side, formatNumber(fromCm), formatNumber(toCm))}</Txt>
          ))}
        </Card>
      )}
      <Card>
        <Heading level={3}>{said.whatWasFound}</Heading>
        <ReasonList reasons={result.findings.map(({ reason }) => reason)} />
      </Card>
      <Txt kind="small" tone="quiet">
        {said.whatWasSeenNot}
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
  const words = said.of10(LIMIT_LABELS[limit], side === 'both' ? '' : `, ${BODY_SIDE_LABELS[side]}`, severity);
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
            {isSame ? said.isOnRecord : known ? said.onRecordWithOf(known.fields.severity ?? '?') : said.suggestedAsALimit}
          </Txt>
        </View>
        {!isSame && (
          <Button
            label={known ? said.update : common.add}
            says={said.takeOverTheLimit(words)}
            busy={writer.isBusy}
            onPress={take}
          />
        )}
      </Row>
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
