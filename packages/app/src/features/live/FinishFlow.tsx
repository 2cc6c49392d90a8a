import { countRows } from '@drubo/core/live';
import { useRouter } from 'expo-router';
import { Confirm } from '../../ui/Confirm';
import type { FloorDetail } from './floor';
import { FinishDialog } from './FinishDialog';
import { forgetPlace } from './place';
import type { Live } from './use-live';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.finishFlow;

/** The two ways a session ends: finished, or thrown away after asking. */
export const FinishFlow = ({
  live,
  detail,
  how,
  onClose,
}: {
  live: Pick<Live, 'exercises' | 'place' | 'setSession'>;
  detail: FloorDetail;
  how: 'finish' | 'discard';
  onClose(): void;
}) => {
  const router = useRouter();
  const { id: sessionId, personId, entry, startedAt } = detail.session;
  const { done, planned } = countRows(live.exercises);
  const finish = async ({ minutes, ...result }: { effort: number | null; note: string; minutes: number | null }) => {
    const from = Date.parse(startedAt);
    const finishedAt = minutes === null ? new Date() : new Date(from + minutes * 60_000);
    await live.setSession({
      endpointId: 'finishSession',
      params: { sessionId },
      body: { finishedAt: finishedAt.toISOString(), ...result },
    });
    forgetPlace(sessionId);
    router.replace(`/review/${sessionId}`);
  };
  const discard = async () => {
    await live.setSession({ endpointId: 'discardSession', params: { sessionId }, body: {} });
    forgetPlace(sessionId);
    router.replace(`/people/${personId}`);
  };
  return how === 'finish' ? (
    <FinishDialog
      done={done}
      planned={planned}
      isPadOpen={live.place.pad !== null}
      asksMinutes={entry === 'paper'}
      onFinish={(result) => void finish(result)}
      onClose={onClose}
    />
  ) : (
    <Confirm
      title={words.discardThisSession}
      text={words.theSheetCanBe(done === 0 ? words.nothingIsLoggedYet : words.loggedSetWontCount(done))}
      yes={words.discard}
      onYes={() => void discard()}
      onNo={onClose}
    />
  );
};
