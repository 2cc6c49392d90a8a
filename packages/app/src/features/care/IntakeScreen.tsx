import type { PersonId } from '@drubo/core/vocabulary';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import type { PersonDetailDto } from '@drubo/contracts';
import { usePerson } from '../../data/use-person';
import { usePersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { todayIn } from '../../ui/days';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Shown } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import { KnownLiftsPanel } from '../../parts/lifts/KnownLiftsPanel';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { ClearancePanel } from './ClearancePanel';
import { FirstSheetStep } from './FirstSheetStep';
import { HealthPanel } from './HealthPanel';
import { LimitsPanel } from './LimitsPanel';
import { MeasuresPanel } from './MeasuresPanel';
import { PlacesPanel } from './PlacesPanel';
import { nextOpen, openIn, STEPS } from './steps';
import type { StepId } from './steps';
import { TrainingPanel } from './TrainingPanel';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.intakeScreen;

/** A first visit in short steps. Everything is kept as it is tapped; leave and come back at any step. */
export const IntakeScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: PersonId }>();
  const query = usePerson(personId);
  return (
    <Shown what={words.thisPerson} query={query}>
      {(detail) => <Intake detail={detail} />}
    </Shown>
  );
};

const Intake = ({ detail }: { detail: PersonDetailDto }) => {
  const router = useRouter();
  const { studio } = useStudio();
  const { step } = useLocalSearchParams<{ step?: string }>();
  const { id: personId, name } = detail.person;
  // One writer a part, so that a refusal is told where it happened and once.
  const [writer, clearance, limits, measures] = [
    usePersonWriter(personId),
    usePersonWriter(personId),
    usePersonWriter(personId),
    usePersonWriter(personId),
  ];
  const today = todayIn(studio.timeZone);
  // Where it opened, so that an answer doesn't turn the page by itself.
  const [opened] = useState(() => nextOpen(detail));
  const id = STEPS.find((known) => known.id === step)?.id ?? opened;
  const at = STEPS.findIndex((known) => known.id === id);
  const current = STEPS[at] ?? STEPS[0];
  const go = (to: StepId) => {
    writer.clearProblem();
    router.setParams({ step: to });
  };
  const next = STEPS[at + 1];
  const open = openIn(detail);
  // Limits and the sheet are never done: there may always be one more.
  const isDone = (one: StepId) => open[one] === null && one !== 'limits' && one !== 'sheet';
  return (
    <Screen
      title={current.title}
      beside={words.stepOf(name, at + 1, STEPS.length)}
      back={`/people/${personId}`}
      footer={
        <Row gap="s" align="stretch">
          <Button grow label={words.later} says={words.goOnLater} onPress={() => router.replace(`/people/${personId}`)} />
          {next ? (
            <Button grow look="main" label={words.next} says={words.nextWithTitle(next.title)} onPress={() => go(next.id)} />
          ) : null}
        </Row>
      }
    >
      <Wrap role="group" aria-label={words.steps} gap="s">
        {STEPS.map((one, number) => (
          <Chip
            key={one.id}
            label={isDone(one.id) ? `${number + 1} ✓` : String(number + 1)}
            says={words.step(number + 1, one.title, isDone(one.id))}
            chosen={one.id === id}
            onPress={() => go(one.id)}
          />
        ))}
      </Wrap>
      <Problem text={writer.problem} />
      {id === 'training' && (
        <>
          <TrainingPanel detail={detail} writer={writer} />
          <KnownLiftsPanel detail={detail} today={today} />
          <MeasuresPanel detail={detail} writer={measures} today={today} />
        </>
      )}
      {id === 'places' && <PlacesPanel detail={detail} writer={writer} />}
      {id === 'health' && (
        <>
          <HealthPanel personId={personId} intake={detail.intake} writer={writer} today={today} />
          {detail.nextSheet.care.state !== 'train' && <ClearancePanel detail={detail} writer={clearance} today={today} />}
        </>
      )}
      {id === 'limits' &&
        (detail.intake.consentOn === null ? (
          <AskConsent onPress={() => go('health')} />
        ) : (
          <LimitsPanel detail={detail} writer={limits} today={today} />
        ))}
      {id === 'watch' &&
        (detail.intake.consentOn === null ? <AskConsent onPress={() => go('health')} /> : <Watch personId={personId} />)}
      {id === 'sheet' && <FirstSheetStep detail={detail} />}
    </Screen>
  );
};

const AskConsent = ({ onPress }: { onPress(): void }) => (
  <Stack gap="m">
    <Txt>{words.healthNotesAreKept}</Txt>
    <Button look="main" label={words.askForIt} onPress={onPress} />
  </Stack>
);

const Watch = ({ personId }: { personId: PersonId }) => {
  const router = useRouter();
  return (
    <Stack gap="m">
      <Txt>{words.fiveMinutesSquatsFrom}</Txt>
      <Button look="main" label={words.startWatching} onPress={() => router.push(`/people/${personId}/screening`)} />
    </Stack>
  );
};
