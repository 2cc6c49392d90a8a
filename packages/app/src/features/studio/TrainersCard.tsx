import { useMutation } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import type { TrainerDto } from '@drubo/contracts';
import { callEndpoint } from '../../data/api';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { formatDay } from '../../ui/days';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';

/** Who trains here; a second trainer joins with a code that works once. */
export const TrainersCard = ({ trainers }: { trainers: readonly TrainerDto[] }) => {
  const router = useRouter();
  const invite = useMutation({ mutationFn: () => callEndpoint('makeInvite', { body: {} }) });
  return (
    <Card>
      <Heading>Trainers</Heading>
      {trainers.map((trainer) => (
        <Txt key={trainer.id}>
          {trainer.name} · signs in as {trainer.loginName}
        </Txt>
      ))}
      {invite.data ? (
        <>
          <Txt kind="number" aria-live="polite">
            {invite.data.code}
          </Txt>
          <Txt kind="small" tone="quiet">
            Works once, until {formatDay(invite.data.expiresAt.slice(0, 10))}. It is not shown again. On the sign-in screen: “I
            have a code”.
          </Txt>
        </>
      ) : (
        <Button label="Invite a trainer" busy={invite.isPending} onPress={() => invite.mutate()} />
      )}
      <Problem text={invite.error?.message} />
      <Button look="quiet" label="Who did what" onPress={() => router.push('/studio/activity')} />
    </Card>
  );
};
