import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import type { PersonDetailDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatMass, formatNumber, GOAL_LABELS, inSentence, TRAINING_AGE_LABELS } from '@drubo/words/explain';
import { cmToInches } from '@drubo/core';
import type { MassUnit } from '@drubo/core/vocabulary';
import { usePerson } from '../../data/use-person';
import { useSheetProgress, useStart } from '../../data/use-start';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { todayIn } from '../../ui/days';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { VerdictMark } from '../../ui/VerdictMark';
import { FourAnswers, isUnasked } from '../../parts/care/FourAnswers';
import { KnownLiftsPanel } from '../../parts/lifts/KnownLiftsPanel';
import { MoreStarts } from '../../parts/sessions/MoreStarts';
import { SessionLine } from '../../parts/sessions/SessionLine';
import { Screen } from '../../frame/Screen';
import { SinceCard } from '../../parts/sheet/SinceCard';
import { useStudio } from '../../data/StudioContext';
import { Bookings } from './Bookings';
import { CareCard } from './CareCard';
import { LaterCard } from './LaterCard';
import { NextSheetCard } from './NextSheetCard';
import { NotesCard } from './NotesCard';
import { PersonActions } from './PersonActions';
import { StandingsCard } from './StandingsCard';
import { stillOpen } from './still-open';

/** Body measures and training in one quiet line; what was not asked says so. */
const factsOf = ({ person }: PersonDetailDto, unit: MassUnit): string =>
  [
    person.massKg === null ? 'body mass not asked' : formatMass(person.massKg, unit),
    person.heightCm === null
      ? 'height not asked'
      : unit === 'kg'
        ? `${formatNumber(person.heightCm, 0)} cm`
        : `${formatNumber(cmToInches(person.heightCm), 1)} in`,
    inSentence(GOAL_LABELS[person.goal]),
    inSentence(TRAINING_AGE_LABELS[person.trainingAge]),
  ].join(' · ');

/** One person: the next sheet first, then bookings, where things stand, what was done, and their details. */
export const PersonScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: string }>();
  const query = usePerson(personId);
  return (
    <Shown what="this person" query={query}>
      {(detail) => <PersonPage detail={detail} />}
    </Shown>
  );
};

const PersonPage = ({ detail }: { detail: PersonDetailDto }) => {
  const router = useRouter();
  const { unit, studio } = useStudio();
  const { start, isReady } = useStart();
  const { person, sessions, lastVerdicts, nextSheet } = detail;
  const { attempt, liveSessionId, finishedSessionId } = useSheetProgress(nextSheet, detail.liveSessionId);
  const isArchived = person.archivedAt !== null;
  const isHeld = nextSheet.care.state === 'see-clinician-first';
  const openSteps = stillOpen(detail);
  const [taken, setTaken] = useState<readonly string[]>([]);
  const isOpen = openSteps.length > 0;
  return (
    <Screen
      title={person.name}
      beside={isArchived ? 'Archived' : `${person.minutes} min a session`}
      back="/people"
      footer={
        isArchived ? null : liveSessionId ? (
          <Button look="main" size="live" label="Go on with the session" onPress={() => router.push(`/live/${liveSessionId}`)} />
        ) : finishedSessionId ? (
          <Button
            look="main"
            size="live"
            label="Review the session"
            onPress={() => router.push(`/review/${finishedSessionId}`)}
          />
        ) : (
          <Row gap="s">
            <Button
              grow
              look="main"
              size="live"
              label={isHeld ? 'Held: see a clinician first' : 'Start the session'}
              disabled={!isReady || isHeld}
              onPress={() => void start({ id: nextSheet.id, attempt }, { taken })}
            />
            {!isHeld && <MoreStarts personId={person.id} name={person.name} attempt={attempt} />}
          </Row>
        )
      }
    >
      <Txt kind="small" tone="quiet">
        {factsOf(detail, unit)}
      </Txt>
      {person.note ? (
        <Card edge="saffron">
          <Txt>{person.note}</Txt>
        </Card>
      ) : null}
      {isOpen && !isArchived && (
        <Button
          label={`Go on with the first visit: ${openSteps.join(', ')}`}
          onPress={() => router.push(`/people/${person.id}/intake`)}
        />
      )}
      {!isArchived && <FourAnswers personId={person.id} topics={nextSheet.notAsked ?? []} isHeld={isUnasked(nextSheet)} />}
      <CareCard detail={detail} />
      <SinceCard sheet={nextSheet} taken={taken} onTaken={setTaken} />
      <NextSheetCard sheet={nextSheet} />
      <LaterCard later={detail.later} />
      <Bookings person={person} bookings={detail.bookings} />
      {lastVerdicts.length > 0 && (
        <Card>
          <Heading>Last decided</Heading>
          {lastVerdicts.map(({ variationId, verdict }) => (
            <Wrap key={variationId} gap="s" style={{ justifyContent: 'space-between' }}>
              <Txt>{findVariation(builtInCatalogue, variationId)?.name ?? variationId}</Txt>
              <VerdictMark verdict={verdict} size="small" />
            </Wrap>
          ))}
        </Card>
      )}
      <StandingsCard standings={detail.standings} personId={person.id} />
      {!isArchived && <KnownLiftsPanel detail={detail} today={todayIn(studio.timeZone)} />}
      <NotesCard detail={detail} />
      <Stack gap="s">
        <Row style={{ justifyContent: 'space-between' }}>
          <Heading>Sessions</Heading>
          {sessions.length > 0 && <Button label="Trends" onPress={() => router.push(`/people/${person.id}/trends`)} />}
        </Row>
        {sessions.length === 0 ? (
          <Txt tone="quiet">None yet. The first one keeps 4 in reserve and two sets an exercise.</Txt>
        ) : (
          sessions.map((line) => (
            <SessionLine
              key={line.session.id}
              line={line}
              nameless
              action={line.session.state === 'live' ? 'Go on' : line.session.state === 'finished' ? 'Review' : 'Look'}
            />
          ))
        )}
      </Stack>
      <PersonActions person={person} />
    </Screen>
  );
};
