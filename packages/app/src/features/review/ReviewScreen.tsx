import type { SessionId } from '@drubo/core/vocabulary';
import { useLocalSearchParams } from 'expo-router';
import { RefusedError } from '../../data/api';
import { useCommands } from '../../data/offline/QueueProvider';
import { useEndpoint } from '../../data/use-endpoint';
import { pathId } from '../../data/offline/types';
import { Empty, Shown } from '../../ui/states';
import { Screen } from '../../frame/Screen';
import { ReviewPage } from './ReviewPage';
import { common } from '@drubo/words/screens/common';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.reviewScreen;

/** Judging a session: it needs the server, so what still waits on this phone is sent first. */
export const ReviewScreen = () => {
  const { sessionId } = useLocalSearchParams<{ sessionId: SessionId }>();
  const waiting = useCommands().filter(
    (command) => command.state === 'waiting' && pathId(command, 'sessionId') === sessionId,
  ).length;
  const query = useEndpoint('getReview', { params: { sessionId } }, { enabled: waiting === 0 });
  const isNotThere =
    query.error instanceof RefusedError && ['session-not-finished', 'not-found'].includes(query.error.reply.code);
  if (waiting > 0 && (!query.data || query.data.session.state === 'live')) {
    return (
      <Screen title={common.review} back="/">
        <Empty title={words.waitingForTheServer} text={words.entryIsSafeOn(waiting)} />
      </Screen>
    );
  }
  if (isNotThere && !query.data) {
    return (
      <Screen title={common.review} back="/">
        <Empty title={words.nothingToReview} text={words.thisSessionIsStill} />
      </Screen>
    );
  }
  return (
    <Shown what={words.thisReview} query={query}>
      {(review) => <ReviewPage key={sessionId} review={review} />}
    </Shown>
  );
};
