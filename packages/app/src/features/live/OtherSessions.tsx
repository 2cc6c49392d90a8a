import type { SessionId } from '@drubo/core/vocabulary';
import { useRouter } from 'expo-router';
import { ScrollView, StyleSheet } from 'react-native';
import { formatRest } from '@drubo/words/explain';
import { exercisesOf, runningRest } from '@drubo/core/live';
import { useRunning } from '../../data/use-running';
import { useSession } from '../../data/use-session';
import { SPACE } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { onTheFloor } from './floor';
import { usePlaceOf } from './place';
import { useNow } from './use-now';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.otherSessions;

const MOST = 4;

/** The other sessions that run now, each with its own rest running down; one tap goes to it. */
export const OtherSessions = ({ sessionId }: { sessionId: SessionId }) => {
  const others = useRunning().filter((session) => session.sessionId !== sessionId);
  if (others.length === 0) return null;
  return (
    <ScrollView
      horizontal
      showsHorizontalScrollIndicator={false}
      style={styles.scroll}
      contentContainerStyle={styles.row}
      role="group"
      aria-label={words.otherSessionsRunning}
    >
      {others.slice(0, MOST).map((other) => (
        <Other key={other.sessionId} sessionId={other.sessionId} name={other.name} />
      ))}
    </ScrollView>
  );
};

const Other = ({ sessionId, name }: { sessionId: SessionId; name: string }) => {
  const router = useRouter();
  const { detail } = useSession(sessionId);
  const place = usePlaceOf(sessionId);
  const now = useNow();
  const floor = detail && onTheFloor(detail);
  const rest = floor ? runningRest(exercisesOf(floor), floor.sets, place) : null;
  const left = rest ? Math.ceil(rest.restSeconds - (now - Date.parse(rest.set.loggedAt)) / 1000) : 0;
  const first = name.split(' ')[0] ?? name;
  const says = left > 0 ? words.rests(formatRest(left)) : 'ready';
  return (
    <Chip
      label={`${first} · ${says}`}
      says={words.goTo(name, says)}
      tone={left > 0 ? 'moss' : 'saffron'}
      chosen={left <= 0 && rest !== null}
      onPress={() => router.replace(`/live/${sessionId}`)}
    />
  );
};

const styles = StyleSheet.create({
  scroll: { flexGrow: 0, flexShrink: 0 },
  row: { flexDirection: 'row', gap: SPACE.xs },
});
