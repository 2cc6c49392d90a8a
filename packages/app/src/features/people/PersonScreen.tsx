import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import type { PersonDetailDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatMass, formatNumber, GOAL_LABELS, inSentence, TRAINING_AGE_LABELS } from '@drubo/words/explain';
import { cmToInches } from '@drubo/core';
import type { MassUnit, PersonId } from '@drubo/core/vocabulary';
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
import { WeeksCard } from './WeeksCard';
import { common } from '@drubo/words/screens/common';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.personScreen;

/** Body measures and training in one quiet line; what was not asked says so. */
const factsOf = ({ person }: PersonDetailDto, unit: MassUnit): string =>
  [
    person.massKg === null ? words.bodyMassNotAsked : formatMass(person.massKg, unit),
    person.heightCm === null
      ? words.heightNotAsked
      : unit === 'kg'
        ? words.cm(formatNumber(person.heightCm, 0))
        : words.in(formatNumber(cmToInches(person.heightCm), 1)),
    inSentence(GOAL_LABELS[person.goal]),
    inSentence(TRAINING_AGE_LABELS[person.trainingAge]),
  ].join(' · ');

/** One person: the next sheet first, then bookings, where things stand, what was done, and their details. */
export const PersonScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: PersonId }>();
  const query = usePerson(personId);
  return (
    <Shown what={words.thisPerson} query={query}>
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
      beside={isArchived ? words.archived : words.minASession(person.minutes)}
      back="/people"
      footer={
        isArchived ? null : liveSessionId ? (
          <Button look="main" size="live" label={words.goOnWithThe} onPress={() => router.push(`/live/${liveSessionId}`)} />
        ) : finishedSessionId ? (
          <Button
            look="main"
            size="live"
            label={words.reviewTheSession}
            onPress={() => router.push(`/review/${finishedSessionId}`)}
          />
        ) : (
          <Row gap="s">
            <Button
              grow
              look="main"
              size="live"
              label={isHeld ? words.heldSeeAClinician : words.startTheSession}
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
        <Button label={words.goOnWithTheFirst(openSteps.join(', '))} onPress={() => router.push(`/people/${person.id}/intake`)} />
      )}
      {!isArchived && <FourAnswers personId={person.id} topics={nextSheet.notAsked ?? []} isHeld={isUnasked(nextSheet)} />}
      <CareCard detail={detail} />
      {!isArchived && <WeeksCard detail={detail} today={todayIn(studio.timeZone)} />}
      <SinceCard sheet={nextSheet} taken={taken} onTaken={setTaken} />
      <NextSheetCard sheet={nextSheet} />
      <LaterCard later={detail.later} />
      <Bookings person={person} bookings={detail.bookings} />
      {lastVerdicts.length > 0 && (
        <Card>
          <Heading>{words.lastDecided}</Heading>
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
          <Heading>{words.sessions}</Heading>
          {sessions.length > 0 && <Button label={words.trends} onPress={() => router.push(`/people/${person.id}/trends`)} />}
        </Row>
        {sessions.length === 0 ? (
          <Txt tone="quiet">{words.noneYetTheFirst}</Txt>
        ) : (
          sessions.map((line) => (
            <SessionLine
              key={line.session.id}
              line={line}
              nameless
              action={
                line.session.state === 'live' ? common.goOn : line.session.state === 'finished' ? common.review : common.look
              }
            />
          ))
        )}
      </Stack>
      <PersonActions person={person} />
    </Screen>
  );
};
