import type { ItemId, SessionId } from '@drubo/core/vocabulary';
import { formatDay, formatTime } from '@drubo/words/dates';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { SessionHistoryDto, SessionRecordDto, SetRecordDto } from '@drubo/contracts';
import { asksReserve, currentSets, doneAt, doubtsOf, isClockAhead } from '@drubo/core';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import {
  ENDING_LABELS,
  FAULT_LABELS,
  formatDose,
  formatLoad,
  formatRest,
  inSentence,
  VERDICT_LABELS,
} from '@drubo/words/explain';
import { isOffKit } from '@drubo/core/kit';
import { useStudio } from '../../data/StudioContext';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row, Stack } from '../../ui/layout';
import { Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { setNameWithSide } from '../../parts/sheet/set-name';
import { Screen } from '../../frame/Screen';
import { recordWords } from './record-words';
import { common } from '@drubo/words/screens/common';
import { historyWords } from '@drubo/words/screens/history';

const words = historyWords.sessionRecordScreen;

/** The whole record of one session: every set with its amendments, changes of the day, and what was decided. */
export const SessionRecordScreen = () => {
  const { sessionId } = useLocalSearchParams<{ sessionId: SessionId }>();
  const query = useEndpoint('getSessionHistory', { params: { sessionId } });
  return (
    <Shown what={words.thisSession} query={query}>
      {(history) => <Body history={history} />}
    </Shown>
  );
};

/** An exercise of the session, and the sets that were ever logged of it. */
interface Line {
  itemId: ItemId;
  variationId: string;
  asked: string | null;
  /** Whether reps left were asked for: not of a hold or a drill. */
  asksReserve: boolean;
}

const linesOf = ({ sheet, records }: SessionHistoryDto): Line[] => {
  const own = sheet.items.map((item) => ({ item, role: sheet.blocks.find(({ id }) => id === item.blockId)?.role }));
  const brought = records.flatMap(({ fields }) => {
    if (fields.kind === 'add') return [{ item: fields.item, role: fields.role }];
    if (fields.kind !== 'swap') return [];
    return [{ item: fields.item, role: own.find(({ item }) => item.id === fields.itemId)?.role }];
  });
  const known = new Set<string>();
  return [...own, ...brought].flatMap(({ item: { id: itemId, variationId, dose }, role }) => {
    if (known.has(itemId)) return [];
    known.add(itemId);
    const variation = findVariation(builtInCatalogue, variationId);
    const asked = variation ? formatDose(dose, variation.stance, role) : null;
    return [{ itemId, variationId, asked, asksReserve: asksReserve(dose, role) }];
  });
};

const Body = ({ history }: { history: SessionHistoryDto }) => {
  const router = useRouter();
  const { session, personName, sets, records, decisions } = history;
  const isOver = session.state === 'finished' || session.state === 'reviewed';
  return (
    <Screen
      title={personName}
      beside={`${formatDay(session.date)}${session.entry === 'paper' ? words.fromPaper : ''}`}
      back={`/people/${session.personId}`}
      footer={
        isOver ? (
          <Button look="main" size="live" label={common.review} onPress={() => router.push(`/review/${session.id}`)} />
        ) : null
      }
    >
      {linesOf(history).map(({ itemId, variationId, asked, asksReserve: isReserveAsked }) => {
        const variation = findVariation(builtInCatalogue, variationId);
        const own = sets.filter((set) => set.itemId === itemId);
        const decision = decisions.findLast((one) => one.itemId === itemId);
        return (
          <Card key={itemId}>
            <Row gap="s">
              {variation && <FamilyGlyph family={variation.family} />}
              <View style={styles.grow}>
                <Heading level={2}>{variation?.name ?? variationId}</Heading>
              </View>
              <Button
                look="quiet"
                label={words.overTime}
                says={words.lookAtOverTime(variation?.name ?? variationId)}
                onPress={() => router.push(`/people/${session.personId}/trends/${variationId}`)}
              />
            </Row>
            {asked !== null && (
              <Txt kind="small" tone="quiet">
                {words.asked(asked)}
              </Txt>
            )}
            {own.length === 0 ? (
              <Txt tone="quiet">{words.nothingLogged}</Txt>
            ) : (
              <Sets revisions={own} isReserveAsked={isReserveAsked} />
            )}
            {decision && (
              <Txt kind="small">
                {words.decided(
                  VERDICT_LABELS[decision.chosen.verdict],
                  decision.chosen.verdict === decision.proposal.verdict
                    ? ''
                    : words.proposed(VERDICT_LABELS[decision.proposal.verdict]),
                )}
              </Txt>
            )}
          </Card>
        );
      })}
      <Happened history={history} records={records} />
    </Screen>
  );
};

const setWords = (set: SetRecordDto, isReserveAsked: boolean): string =>
  [
    set.seconds === null ? words.reps(set.reps ?? '–') : words.s(set.seconds),
    `${formatLoad(set)}${isOffKit(set) ? words.notOnTheKit : ''}`,
    typeof set.secondsLeft === 'number' ? words.couldHaveHeld(set.secondsLeft) : null,
    set.reserve !== null ? words.inReserve(set.reserve) : isReserveAsked ? words.reserveNotAsked : null,
    set.endedBy === 'planned' ? null : inSentence(ENDING_LABELS[set.endedBy]),
    set.clean === 'no' ? words.notClean : set.clean === 'not-judged' ? words.notJudged : null,
    set.faults.length > 0 ? set.faults.map(({ id }) => FAULT_LABELS[id]).join(', ') : null,
    set.jointPain === null ? null : words.pain(set.jointPain),
    set.restBeforeSeconds === null ? null : words.afterRest(formatRest(set.restBeforeSeconds)),
    set.tempoMeasured === null ? null : words.tempo(set.tempoMeasured.join('-')),
    doubtsOf(set).length > 0 ? words.cantBeRight(doubtsOf(set).join(words.and)) : null,
  ]
    .filter(Boolean)
    .join(' · ');

/** Each set as it stands, and under it what it was before it was amended. */
const Sets = ({ revisions, isReserveAsked }: { revisions: readonly SetRecordDto[]; isReserveAsked: boolean }) => {
  const { studio } = useStudio();
  const current = new Set(currentSets(revisions).map(({ id }) => id));
  const ids = [...new Set(revisions.map(({ id }) => id))];
  return (
    <Stack role="list" aria-label={common.sets} gap="s">
      {ids.map((id) => {
        const own = revisions.filter((set) => set.id === id).sort((a, b) => b.revision - a.revision);
        const [last, ...before] = own;
        if (!last) return null;
        return (
          <View key={id} role="listitem">
            <Txt kind="label">
              {setNameWithSide(last)} · {formatTime(doneAt(last), studio.timeZone)}
              {current.has(id) ? '' : words.undone}
            </Txt>
            {isClockAhead(last) && (
              <Txt kind="small" tone="saffron">
                {words.clockAhead(last.loggedAt.slice(0, 10))}
              </Txt>
            )}
            <Txt kind="small">{setWords(last, isReserveAsked)}</Txt>
            {before.map((old) => (
              <Txt key={old.revision} kind="small" tone="quiet">
                {words.was(setWords(old, isReserveAsked))}
              </Txt>
            ))}
          </View>
        );
      })}
    </Stack>
  );
};

/** What happened beside the sets, in order, what was undone among it. */
const Happened = ({ history, records }: { history: SessionHistoryDto; records: readonly SessionRecordDto[] }) => {
  const { studio } = useStudio();
  const nameOf = (itemId: ItemId): string => {
    const line = linesOf(history).find((one) => one.itemId === itemId);
    return findVariation(builtInCatalogue, line?.variationId ?? '')?.name ?? words.anExercise;
  };
  const { note } = history.session;
  if (records.length === 0 && note === '') return null;
  return (
    <Card>
      <Heading level={2}>{words.whatHappened}</Heading>
      {records.map((record) => (
        <Txt key={`${record.id}-${record.revision}`} kind="small" tone={record.removed ? 'quiet' : 'ink'}>
          {formatTime(record.madeAt, studio.timeZone)} · {record.removed ? words.undonePiece : ''}
          {recordWords(record.fields, nameOf)}
        </Txt>
      ))}
      {note ? <Txt>{note}</Txt> : null}
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
