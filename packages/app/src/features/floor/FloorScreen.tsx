import { formatDay } from '@drubo/words/dates';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { addDays } from '@drubo/core';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { todayIn } from '../../ui/days';
import { IconButton } from '../../ui/IconButton';
import { Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Heading } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { FloorCard } from './FloorCard';
import { SessionLine } from '../../parts/sessions/SessionLine';
import { common } from '@drubo/words/screens/common';
import { floorWords } from '@drubo/words/screens/floor';

const words = floorWords.floorScreen;

/** Who comes today, what they do, what to watch; and what still waits for a review. */
export const FloorScreen = () => {
  const router = useRouter();
  const { studio } = useStudio();
  const today = todayIn(studio.timeZone);
  const [date, setDate] = useState<string | null>(null);
  const shown = date ?? today;
  const query = useEndpoint('getFloor', date ? { query: { date } } : {});
  const go = (days: number) => {
    const next = addDays(shown, days);
    setDate(next === today ? null : next);
  };
  return (
    <Screen
      title={shown === today ? words.today : formatDay(shown)}
      beside={shown === today ? `${formatDay(today)} · ${studio.name}` : studio.name}
      actions={
        <>
          <IconButton icon="search" says={words.searchEverything} onPress={() => router.push('/search')} />
          <IconButton icon="back" says={words.theDayBefore} onPress={() => go(-1)} />
          <IconButton icon="forward" says={words.theDayAfter} onPress={() => go(1)} />
        </>
      }
    >
      <Shown what={words.theFloor} query={query}>
        {({ entries, otherLive, toReview }) => (
          <>
            {entries.length === 0 && (
              <Empty title={words.nobodyIsBooked} text={words.bookSomebodyFromTheir}>
                <Button label={words.goToPeople} onPress={() => router.push('/people')} />
              </Empty>
            )}
            {otherLive.length > 0 && (
              <Stack gap="s">
                <Heading>{words.stillRunning}</Heading>
                {otherLive.map((line) => (
                  <SessionLine key={line.session.id} line={line} action={common.goOn} />
                ))}
              </Stack>
            )}
            {entries.map((entry) => (
              <FloorCard key={entry.booking.id} entry={entry} isToday={shown === today} />
            ))}
            {toReview.length > 0 && (
              <Stack gap="s">
                <Heading>{words.toReview}</Heading>
                {toReview.map((line) => (
                  <SessionLine key={line.session.id} line={line} action={common.review} />
                ))}
              </Stack>
            )}
          </>
        )}
      </Shown>
    </Screen>
  );
};
