import { useLocalSearchParams } from 'expo-router';
import { RefusedError } from '../../data/api';
import { useCommands } from '../../data/offline/QueueProvider';
import { useEndpoint } from '../../data/use-endpoint';
import { pathId } from '../../data/offline/types';
import { Empty, Shown } from '../../ui/states';
import { Screen } from '../../frame/Screen';
import { ReviewPage } from './ReviewPage';
import { counted } from '@drubo/words/explain';

/** Judging a session: it needs the server, so what still waits on this phone is sent first. */
export const ReviewScreen = () => {
  const { sessionId } = useLocalSearchParams<{ sessionId: string }>();
  const waiting = useCommands().filter(
    (command) => command.state === 'waiting' && pathId(command, 'sessionId') === sessionId,
  ).length;
  const query = useEndpoint('getReview', { params: { sessionId } }, { enabled: waiting === 0 });
  const isNotThere =
    query.error instanceof RefusedError && ['session-not-finished', 'not-found'].includes(query.error.reply.code);
  if (waiting > 0 && (!query.data || query.data.session.state === 'live')) {
    return (
      <Screen title="Review" back="/">
        <Empty
          title="Waiting for the server"
          text={`${counted(waiting, 'entry is', 'entries are')} safe on this device and will be sent by ${waiting === 1 ? 'itself' : 'themselves'}. The verdicts come right after.`}
        />
      </Screen>
    );
  }
  if (isNotThere && !query.data) {
    return (
      <Screen title="Review" back="/">
        <Empty
          title="Nothing to review"
          text="This session is still running, or it was never sent from the phone that logged it."
        />
      </Screen>
    );
  }
  return (
    <Shown what="this review" query={query}>
      {(review) => <ReviewPage key={sessionId} review={review} />}
    </Shown>
  );
};
