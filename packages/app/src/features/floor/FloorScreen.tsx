import { useRouter } from 'expo-router';
import { useState } from 'react';
import { addDays } from '@drubo/core';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { formatDay, todayIn } from '../../ui/days';
import { IconButton } from '../../ui/IconButton';
import { Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Heading } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { FloorCard } from './FloorCard';
import { SessionLine } from '../../parts/sessions/SessionLine';

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
      title={shown === today ? 'Today' : formatDay(shown)}
      beside={shown === today ? `${formatDay(today)} · ${studio.name}` : studio.name}
      actions={
        <>
          <IconButton icon="search" says="Search everything" onPress={() => router.push('/search')} />
          <IconButton icon="back" says="The day before" onPress={() => go(-1)} />
          <IconButton icon="forward" says="The day after" onPress={() => go(1)} />
        </>
      }
    >
      <Shown what="the floor" query={query}>
        {({ entries, otherLive, toReview }) => (
          <>
            {entries.length === 0 && (
              <Empty
                title="Nobody is booked"
                text="Book somebody from their page, or start their sheet from there without a booking."
              >
                <Button label="Go to People" onPress={() => router.push('/people')} />
              </Empty>
            )}
            {otherLive.length > 0 && (
              <Stack gap="s">
                <Heading>Still running</Heading>
                {otherLive.map((line) => (
                  <SessionLine key={line.session.id} line={line} action="Go on" />
                ))}
              </Stack>
            )}
            {entries.map((entry) => (
              <FloorCard key={entry.booking.id} entry={entry} isToday={shown === today} />
            ))}
            {toReview.length > 0 && (
              <Stack gap="s">
                <Heading>To review</Heading>
                {toReview.map((line) => (
                  <SessionLine key={line.session.id} line={line} action="Review" />
                ))}
              </Stack>
            )}
          </>
        )}
      </Shown>
    </Screen>
  );
};
