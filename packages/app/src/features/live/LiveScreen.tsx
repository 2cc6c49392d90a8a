import type { SessionId } from '@drubo/core/vocabulary';
import { Redirect, useLocalSearchParams } from 'expo-router';
import { useSession } from '../../data/use-session';
import { NightFloor } from '../../theme/scheme';
import { Shown } from '../../ui/states';
import { onTheFloor } from './floor';
import { LivePage } from './LivePage';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.liveScreen;

/** Coaching a session: one exercise at a time, on the night floor. A finished one goes on to its review. */
export const LiveScreen = () => {
  const { sessionId } = useLocalSearchParams<{ sessionId: SessionId }>();
  const { detail, error, refetch } = useSession(sessionId);
  return (
    <NightFloor>
      <Shown what={words.thisSession} query={{ data: detail, error, refetch }}>
        {(shown) => {
          const { state, personId } = shown.session;
          if (state === 'live') return <LivePage key={sessionId} detail={onTheFloor(shown)} />;
          return <Redirect href={state === 'discarded' ? `/people/${personId}` : `/review/${sessionId}`} />;
        }}
      </Shown>
    </NightFloor>
  );
};
