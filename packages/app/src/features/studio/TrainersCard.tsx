import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { TrainerDto } from '@drubo/contracts';
import { formatDay } from '@drubo/words/dates';
import { studioWords } from '@drubo/words/screens/studio';
import { callEndpoint } from '../../data/api';
import { keyOf } from '../../data/keys';
import { useWriter } from '../../data/offline/QueueProvider';
import { problemOf } from '../../data/refusal';
import { useStudio } from '../../data/StudioContext';
import { useEndpoint } from '../../data/use-endpoint';
import { useWithPassword } from '../../parts/password/use-with-password';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Confirm } from '../../ui/Confirm';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';

const words = studioWords.trainersCard;

/** All of a studio's trainers wait in one line. */
const AGGREGATE = 'trainers';

/** Who trains here and who owns the studio; a second trainer joins with a code that works once. */
export const TrainersCard = ({ trainers }: { trainers: readonly TrainerDto[] }) => {
  const router = useRouter();
  const client = useQueryClient();
  const writer = useWriter();
  const { trainer: me } = useStudio();
  const invites = useEndpoint('listInvites');
  const { withPassword, dialog } = useWithPassword();
  const [code, setCode] = useState<{ code: string; expiresAt: string } | null>(null);
  const [leaving, setLeaving] = useState<TrainerDto | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  // Asked of the server itself: a cached sign-in may be of before somebody handed the studio on.
  const isOwner = trainers.some(({ id, role }) => id === me.id && role === 'owner');

  const attempt = async (work: () => Promise<void>) => {
    setBusy(true);
    setProblem(null);
    try {
      await withPassword(work);
    } catch (error) {
      setProblem(problemOf(error));
    } finally {
      setBusy(false);
    }
  };
  const readAgain = () => client.invalidateQueries({ queryKey: keyOf('listInvites') });
  const invite = () =>
    attempt(async () => {
      setCode(await callEndpoint('makeInvite', { body: {} }));
      await readAgain();
    });
  const revoke = (inviteId: string) =>
    attempt(async () => {
      await writer.save({ endpointId: 'revokeInvite', params: { inviteId }, body: {}, aggregate: AGGREGATE });
      setCode(null);
      await readAgain();
    });
  const remove = (trainer: TrainerDto) =>
    attempt(async () => {
      await writer.save({ endpointId: 'removeTrainer', params: { trainerId: trainer.id }, body: {}, aggregate: AGGREGATE });
    });
  const setRole = (trainer: TrainerDto, role: TrainerDto['role']) =>
    attempt(async () => {
      const params = { trainerId: trainer.id };
      await writer.save({ endpointId: 'setTrainerRole', params, body: { role }, aggregate: AGGREGATE });
    });

  return (
    <Card>
      <Heading>{words.trainers}</Heading>
      {trainers.map((trainer) => (
        <Stack key={trainer.id} gap="xs">
          <Txt>{words.signsInAs(trainer.name, trainer.loginName)}</Txt>
          {trainer.role === 'owner' && (
            <Txt kind="small" tone="quiet">
              {words.ownsTheStudio}
            </Txt>
          )}
          {isOwner && trainer.id !== me.id && (
            <Wrap gap="s">
              <Button
                label={trainer.role === 'owner' ? words.makeATrainer : words.makeAnOwner}
                says={trainer.role === 'owner' ? words.makeATrainerOf(trainer.name) : words.makeAnOwnerOf(trainer.name)}
                busy={isBusy}
                onPress={() => void setRole(trainer, trainer.role === 'owner' ? 'trainer' : 'owner')}
              />
              <Button label={words.remove} says={words.removeWho(trainer.name)} onPress={() => setLeaving(trainer)} />
            </Wrap>
          )}
        </Stack>
      ))}
      {code && (
        <Stack gap="xs">
          <Txt kind="number" aria-live="polite">
            {code.code}
          </Txt>
          <Txt kind="small" tone="quiet">
            {words.worksOnceUntilIt(formatDay(code.expiresAt.slice(0, 10)))}
          </Txt>
        </Stack>
      )}
      {(invites.data ?? []).map((open) => (
        <Row key={open.id} gap="s">
          <Txt kind="small" style={{ flexGrow: 1, flexShrink: 1 }}>
            {words.codeOf(open.madeBy, formatDay(open.expiresAt.slice(0, 10)))}
          </Txt>
          <Button
            label={words.revoke}
            says={words.revokeCodeOf(open.madeBy)}
            busy={isBusy}
            onPress={() => void revoke(open.id)}
          />
        </Row>
      ))}
      <Problem text={problem} />
      <Button label={words.inviteATrainer} busy={isBusy} onPress={() => void invite()} />
      <Button look="quiet" label={words.whoDidWhat} onPress={() => router.push('/studio/activity')} />
      {leaving && (
        <Confirm
          title={words.removeQuestion(leaving.name)}
          text={words.whatRemovingDoes}
          yes={words.remove}
          onYes={() => {
            setLeaving(null);
            void remove(leaving);
          }}
          onNo={() => setLeaving(null)}
        />
      )}
      {dialog}
    </Card>
  );
};
