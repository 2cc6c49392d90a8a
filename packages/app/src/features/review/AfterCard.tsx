import { formatDay } from '@drubo/words/dates';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { fieldsOfKind } from '@drubo/contracts';
import type { ReviewDto } from '@drubo/contracts';
import { EMPHASIS_LABELS } from '@drubo/words/explain';
import { reason, SORE_MUSCLES } from '@drubo/core/vocabulary';
import { newId } from '../../data/ids';
import { sheetAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { minutesBetween } from '../../ui/days';
import { Field } from '../../ui/Field';
import { Row } from '../../ui/layout';
import { readNumber } from '../../ui/measure';
import { Modal } from '../../ui/Modal';
import { Scale } from '../../ui/Scale';
import { Ticks } from '../../ui/Ticks';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { common } from '@drubo/words/screens/common';
import { reviewWords } from '@drubo/words/screens/review';

const wording = reviewWords.afterCard;

/** Where a session can be felt: muscles, and side hip. */
const PLACES = [...SORE_MUSCLES, 'side-hip'] as const;

const capital = (text: string): string => `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`;

type After = ReturnType<typeof fieldsOfKind<'after'>>[number];

/** Minutes of a session: as somebody said, else from start to finish. */
const minutesOf = ({ minutes, startedAt, finishedAt }: ReviewDto['session']): number | null =>
  minutes ?? (finishedAt === null ? null : minutesBetween(startedAt, finishedAt));

/** The session as a whole: when, how long, how hard, their product; where it was felt and what the client said. */
export const AfterCard = ({ review }: { review: ReviewDto }) => {
  const [isEditing, setEditing] = useState(false);
  const { session, records } = review;
  const said = fieldsOfKind(records, 'after').at(-1);
  const notes = fieldsOfKind(records, 'note');
  const minutes = minutesOf(session);
  const { effort } = session;
  const facts = [
    formatDay(session.date),
    session.entry === 'paper' ? wording.fromPaper : null,
    minutes === null ? null : wording.min(minutes),
    effort === null ? wording.effortNotAsked : wording.effortOf10(effort),
  ];
  const load = minutes === null || effort === null ? null : minutes * effort;
  return (
    <Card>
      <Row gap="s">
        <View style={styles.grow}>
          <Txt kind="small" tone="quiet">
            {facts.filter(Boolean).join(' · ')}
          </Txt>
          {load !== null && minutes !== null && effort !== null && (
            <Row gap="s">
              <Txt kind="label">{wording.sessionLoad(load)}</Txt>
              <WhyDot
                about={wording.sessionLoadInSentence}
                reasons={[reason('session-load', { effort, minutes, load }, 'session-rpe-foster')]}
                label={wording.why}
              />
            </Row>
          )}
        </View>
        <Button label={wording.afterwards} says={wording.whatWasSaidAfterwards} onPress={() => setEditing(true)} />
      </Row>
      {said && said.feltWhere.length > 0 && (
        <Txt kind="small">{wording.feltIn(said.feltWhere.map((id) => EMPHASIS_LABELS[id]).join(', '))}</Txt>
      )}
      {said?.words ? <Txt>“{said.words}”</Txt> : null}
      {session.note ? <Txt>{session.note}</Txt> : null}
      {notes.map(({ text }, at) => (
        <Txt key={at} kind="small">
          {text}
        </Txt>
      ))}
      {isEditing && <AfterDialog review={review} before={said} recordId={recordIdOf(review)} onClose={() => setEditing(false)} />}
    </Card>
  );
};

const recordIdOf = ({ records }: ReviewDto): string => records.findLast(({ fields }) => fields.kind === 'after')?.id ?? newId();

const AfterDialog = ({
  review,
  before,
  recordId,
  onClose,
}: {
  review: ReviewDto;
  before: After | undefined;
  recordId: string;
  onClose(): void;
}) => {
  const writer = useWriter();
  const { session } = review;
  const [effort, setEffort] = useState(session.effort);
  const [feltWhere, setFelt] = useState(before?.feltWhere ?? []);
  const [words, setWords] = useState(before?.words ?? '');
  const [typed, setTyped] = useState(session.minutes === null ? '' : String(session.minutes));
  const minutes = readNumber(typed);
  const isBad = minutes === undefined || (minutes !== null && (!Number.isInteger(minutes) || minutes < 1 || minutes > 600));
  const isTooLong = words.trim().length > 2000;
  const keep = async () => {
    const fields = { kind: 'after' as const, effort, minutes: minutes ?? null, feltWhere: [...feltWhere], words: words.trim() };
    await writer.log({
      endpointId: 'saveSessionRecord',
      params: { sessionId: session.id, recordId },
      body: { madeAt: new Date().toISOString(), removed: false, fields },
      aggregate: sheetAggregate(session.sheetId),
    });
    onClose();
  };
  return (
    <Modal
      title={wording.afterwards}
      onClose={onClose}
      closes={common.cancel}
      actions={
        <Button look="main" label={wording.keep} disabled={isBad || isTooLong || !writer.isReady} onPress={() => void keep()} />
      }
    >
      <Scale label={wording.effortOfTheWhole} says={wording.effort} value={effort} onChange={setEffort} />
      <Field
        label={wording.minutesWhereTheClock}
        unit={wording.minInSentence}
        inputMode="numeric"
        value={typed}
        onChangeText={setTyped}
        error={isBad ? wording.mustBeAWhole : undefined}
      />
      <Ticks
        label={wording.whereTheyFeltIt}
        options={PLACES.map((value) => ({ value, label: capital(EMPHASIS_LABELS[value]) }))}
        values={feltWhere.filter((id): id is (typeof PLACES)[number] => (PLACES as readonly string[]).includes(id))}
        onChange={setFelt}
      />
      <Field
        label={wording.inTheClientsWords}
        multiline
        value={words}
        onChangeText={setWords}
        error={isTooLong ? wording.mustHaveAtMost : undefined}
      />
    </Modal>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
});
