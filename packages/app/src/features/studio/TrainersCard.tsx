import { formatDay } from '@drubo/words/dates';
import { useMutation } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import type { TrainerDto } from '@drubo/contracts';
import { callEndpoint } from '../../data/api';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.trainersCard;

/** Who trains here; a second trainer joins with a code that works once. */
export const TrainersCard = ({ trainers }: { trainers: readonly TrainerDto[] }) => {
  const router = useRouter();
  const invite = useMutation({ mutationFn: () => callEndpoint('makeInvite', { body: {} }) });
  return (
    <Card>
      <Heading>{words.trainers}</Heading>
      {trainers.map((trainer) => (
        <Txt key={trainer.id}>{words.signsInAs(trainer.name, trainer.loginName)}</Txt>
      ))}
      {invite.data ? (
        <>
          <Txt kind="number" aria-live="polite">
            {invite.data.code}
          </Txt>
          <Txt kind="small" tone="quiet">
            {words.worksOnceUntilIt(formatDay(invite.data.expiresAt.slice(0, 10)))}
          </Txt>
        </>
      ) : (
        <Button label={words.inviteATrainer} busy={invite.isPending} onPress={() => invite.mutate()} />
      )}
      <Problem text={invite.error?.message} />
      <Button look="quiet" label={words.whoDidWhat} onPress={() => router.push('/studio/activity')} />
    </Card>
  );
};
