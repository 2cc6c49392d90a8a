import type { PersonId } from '@drubo/core/vocabulary';
import { useLocalSearchParams, useRouter } from 'expo-router';
import type { PersonDetailDto } from '@drubo/contracts';
import { usePerson } from '../../data/use-person';
import { usePersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { todayIn } from '../../ui/days';
import { Problem } from '../../ui/Problem';
import { Shown } from '../../ui/states';
import { Heading } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { ClearancePanel } from './ClearancePanel';
import { HealthPanel } from './HealthPanel';
import { LimitsPanel } from './LimitsPanel';
import { MeasuresPanel } from './MeasuresPanel';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.healthScreen;

/** Everything of a person's health in one place: the state, clearances, limits, questions, measures. */
export const HealthScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: PersonId }>();
  const query = usePerson(personId);
  return (
    <Shown what={words.thisPerson} query={query}>
      {(detail) => <Health detail={detail} />}
    </Shown>
  );
};

const Health = ({ detail }: { detail: PersonDetailDto }) => {
  const router = useRouter();
  const { studio } = useStudio();
  const today = todayIn(studio.timeZone);
  const { id, name } = detail.person;
  // One writer a part, so that a refusal is told where it happened and once.
  const [clearance, limits, questions, measures] = [
    usePersonWriter(id),
    usePersonWriter(id),
    usePersonWriter(id),
    usePersonWriter(id),
  ];
  return (
    <Screen title={words.healthAndLimits} beside={name} back={`/people/${id}`}>
      <ClearancePanel detail={detail} writer={clearance} today={today} />
      <Button label={words.referralNote} onPress={() => router.push(`/people/${id}/referral`)} />
      {detail.intake.consentOn !== null && (
        <>
          <Heading>{words.limits}</Heading>
          <LimitsPanel detail={detail} writer={limits} today={today} />
        </>
      )}
      <Heading>{words.questions}</Heading>
      <Problem text={questions.problem} />
      <HealthPanel personId={id} intake={detail.intake} writer={questions} today={today} />
      <MeasuresPanel detail={detail} writer={measures} today={today} />
    </Screen>
  );
};
