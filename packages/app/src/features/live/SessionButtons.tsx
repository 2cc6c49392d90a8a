import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { SessionDetailDto } from '@drubo/contracts';
import type { SetEnding } from '@drubo/core/vocabulary';
import { newId } from '../../data/ids';
import { usePersonWriter } from '../../data/use-person-writer';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { WarningDialog } from '../care/WarningDialog';
import { FinishDialog } from './FinishDialog';
import { MoreDialog } from './MoreDialog';
import { forgetPlace } from './place';
import { countRows } from './progress';
import type { Exercise } from './progress';
import type { Live } from './use-live';

/** The ways out, always at hand: more about this set, finishing, stopping for pain. */
export const SessionButtons = ({
  live,
  exercise,
  detail,
  ending,
  onPainStop,
}: {
  live: Live;
  exercise: Exercise;
  detail: SessionDetailDto;
  ending: SetEnding;
  /** Left out when no set is at hand. */
  onPainStop?: () => void;
}) => {
  const router = useRouter();
  const [dialog, setDialog] = useState<'more' | 'finish' | 'discard' | 'signs' | null>(null);
  const signs = usePersonWriter(detail.session.personId);
  const { id: sessionId, personId } = detail.session;
  const { done, planned } = countRows(live.exercises);

  const finish = async (result: { effort: number | null; note: string }) => {
    await live.setSession({
      endpointId: 'finishSession',
      params: { sessionId },
      body: { finishedAt: new Date().toISOString(), ...result },
    });
    forgetPlace(sessionId);
    router.replace(`/review/${sessionId}`);
  };
  const discard = async () => {
    await live.setSession({ endpointId: 'discardSession', params: { sessionId }, body: {} });
    forgetPlace(sessionId);
    router.replace(`/people/${personId}`);
  };

  return (
    <View style={styles.row}>
      <Button grow label="More" says="More: how the set ended, cues, warning signs, discard" onPress={() => setDialog('more')} />
      <Button grow label="Finish" says="Finish the session" onPress={() => setDialog('finish')} />
      {onPainStop && <Button grow look="danger" label="Stop: pain" onPress={onPainStop} />}
      {dialog === 'more' && (
        <MoreDialog
          exercise={exercise}
          schools={detail.sheet.schools}
          care={detail.sheet.care}
          ending={ending}
          onEnding={(endedBy) => live.change({ endedBy })}
          onDiscard={() => setDialog('discard')}
          onSigns={() => setDialog('signs')}
          onClose={() => setDialog(null)}
        />
      )}
      {dialog === 'signs' && (
        <WarningDialog
          care={detail.sheet.care}
          problem={signs.problem}
          onSign={({ id: sign }) =>
            void signs.saveRecord(newId(), { kind: 'sign', sign, on: detail.session.date, sessionId, note: '' })
          }
          onClose={() => setDialog(null)}
        />
      )}
      {dialog === 'finish' && (
        <FinishDialog
          done={done}
          planned={planned}
          isPadOpen={live.place.pad !== null}
          onFinish={(result) => void finish(result)}
          onClose={() => setDialog(null)}
        />
      )}
      {dialog === 'discard' && (
        <Confirm
          title="Discard this session?"
          text={`${done === 0 ? 'Nothing is logged yet.' : `${done} logged ${done === 1 ? 'set' : 'sets'} won’t count for anything.`} The sheet can be started again.`}
          yes="Discard"
          onYes={() => void discard()}
          onNo={() => setDialog(null)}
        />
      )}
    </View>
  );
};

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s } });
