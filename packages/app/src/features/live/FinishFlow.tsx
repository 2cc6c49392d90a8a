import { countRows } from '@drubo/core/live';
import { counted } from '@drubo/words/explain';
import { useRouter } from 'expo-router';
import { Confirm } from '../../ui/Confirm';
import type { FloorDetail } from './floor';
import { FinishDialog } from './FinishDialog';
import { forgetPlace } from './place';
import type { Live } from './use-live';

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
      title="Discard this session?"
      text={`${done === 0 ? 'Nothing is logged yet.' : `${counted(done, 'logged set')} won’t count for anything.`} The sheet can be started again.`}
      yes="Discard"
      onYes={() => void discard()}
      onNo={onClose}
    />
  );
};
