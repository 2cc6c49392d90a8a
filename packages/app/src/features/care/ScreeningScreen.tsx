import type { PersonId } from '@drubo/core/vocabulary';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { recordsOf } from '@drubo/contracts';
import type { FieldsOf, PersonDetailDto } from '@drubo/contracts';
import { TASK_WORDS } from '@drubo/words/explain';
import { readScreening, TASKS } from '@drubo/core/screening';
import type { Seen } from '@drubo/core/screening';
import { newId } from '../../data/ids';
import { usePerson } from '../../data/use-person';
import { usePersonWriter } from '../../data/use-person-writer';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { todayIn } from '../../ui/days';
import { Field } from '../../ui/Field';
import { Row } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { useWide } from '../../frame/use-wide';
import { aidWords, startWords } from './conclusions';
import { proportionsOf } from './proportions';
import { ScreeningSummary } from './ScreeningSummary';
import { TaskCard } from './TaskCard';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.screeningScreen;

const NOTHING_SEEN: Seen = { tasks: {}, kneeToWallCm: { left: null, right: null } };

/** Watching somebody move, one task at a time, with what it means forming beside it. */
export const ScreeningScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: PersonId }>();
  const query = usePerson(personId);
  return (
    <Shown what={words.thisPerson} query={query}>
      {(detail) => <Screening detail={detail} />}
    </Shown>
  );
};

const Screening = ({ detail }: { detail: PersonDetailDto }) => {
  const router = useRouter();
  const { isWide } = useWide();
  const { studio } = useStudio();
  const today = todayIn(studio.timeZone);
  const { id: personId, name, heightCm, massKg } = detail.person;
  const writer = usePersonWriter(personId);
  const screenings = recordsOf(detail.records, 'screening').sort((a, b) => a.fields.on.localeCompare(b.fields.on));
  const [draft] = useState(() => screenings.find(({ fields }) => !fields.done) ?? null);
  const [recordId] = useState(() => draft?.id ?? newId());
  const [seen, setSeen] = useState<Seen>(draft?.fields.seen ?? NOTHING_SEEN);
  const [note, setNote] = useState(draft?.fields.note ?? '');
  const [at, setAt] = useState(() => (draft ? firstOpen(draft.fields.seen) : 0));
  const shanks = recordsOf(detail.records, 'measure').flatMap(({ fields }) => fields.shankCm ?? []);
  const segments = useMemo(() => proportionsOf(detail), [detail]);
  const result = readScreening(seen, { heightCm, massKg, shankCm: shanks.at(-1) ?? null });
  const before = screenings.filter(({ fields, id }) => fields.done && id !== recordId).at(-1)?.fields.seen ?? null;
  const task = TASKS[at];
  const keep = (done: boolean) => {
    const fields: FieldsOf<'screening'> = {
      kind: 'screening',
      on: today,
      seen: seen as FieldsOf<'screening'>['seen'],
      note,
      done,
    };
    return writer.saveRecord(recordId, fields);
  };
  const go = (to: number) => {
    setAt(to);
    void keep(to >= TASKS.length);
  };
  const own = task ? result.findings.filter(({ reason }) => 'task' in reason.values && reason.values.task === task.id) : [];
  const ankles = task?.id === 'knee-to-wall' ? result.findings.filter(({ rule }) => rule.includes('knee-to-wall')) : [];
  const starts = startWords(result);
  const aids = aidWords(result);
  return (
    <Screen
      title={task ? TASK_WORDS[task.id].name : words.whatItComesTo}
      beside={`${name} · ${task ? words.of(at + 1, TASKS.length) : words.screening}`}
      back={`/people/${personId}`}
      footer={
        <Row gap="s" align="stretch">
          {at > 0 && <Button grow label={words.before} says={words.theTaskBefore} onPress={() => go(at - 1)} />}
          {task ? (
            <Button
              grow
              look="main"
              label={at + 1 === TASKS.length ? words.whatItComesTo : words.next}
              disabled={!writer.isReady}
              onPress={() => go(at + 1)}
            />
          ) : (
            <Button
              grow
              look="main"
              label={words.toTheFirstSheet}
              onPress={() => router.replace(`/people/${personId}/intake?step=sheet`)}
            />
          )}
        </Row>
      }
    >
      <Problem text={writer.problem} />
      {task ? (
        <View style={isWide ? styles.wide : styles.column}>
          <View style={isWide && styles.grow}>
            <TaskCard key={task.id} task={task} seen={seen} segments={segments} onChange={setSeen} />
          </View>
          <View style={[styles.column, isWide && styles.grow]} aria-live="polite">
            <Heading level={3}>{words.whatItMeans}</Heading>
            {own.length + ankles.length === 0 ? (
              <Txt tone="quiet">{words.nothingSeenHereYet}</Txt>
            ) : (
              <ReasonList reasons={[...own, ...ankles].map(({ reason }) => reason)} />
            )}
            {starts.map(({ ladder, start }) => (
              <Txt key={ladder} kind="small">
                {words.startsAt(ladder, start)}
              </Txt>
            ))}
            {aids.length > 0 && <Txt kind="small">{words.aids(aids.join(', '))}</Txt>}
          </View>
        </View>
      ) : (
        <>
          <Field label={words.aComment} multiline value={note} onChangeText={setNote} onBlur={() => void keep(true)} />
          <ScreeningSummary detail={detail} seen={seen} before={before} result={result} writer={writer} today={today} />
        </>
      )}
    </Screen>
  );
};

/** The first task of a screening that was left half way. */
const firstOpen = ({ tasks }: Pick<Seen, 'tasks'>): number => {
  const at = TASKS.findIndex(({ id }) => tasks[id] === undefined);
  return at < 0 ? 0 : at;
};

const styles = StyleSheet.create({
  column: { gap: SPACE.m },
  wide: { flexDirection: 'row', gap: SPACE.xl },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
