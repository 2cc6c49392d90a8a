import { useLocalSearchParams, useRouter } from 'expo-router';
import type { PersonDetailDto } from '@drubo/contracts';
import { useEndpoint } from '../../data/use-endpoint';
import { usePersonWriter } from '../../data/use-person-writer';
import { Button } from '../../ui/Button';
import { todayIn } from '../../ui/days';
import { Problem } from '../../ui/Problem';
import { Shown } from '../../ui/states';
import { Heading } from '../../ui/Txt';
import { Screen } from '../shell/Screen';
import { useStudio } from '../shell/StudioContext';
import { ClearancePanel } from './ClearancePanel';
import { HealthPanel } from './HealthPanel';
import { LimitsPanel } from './LimitsPanel';
import { MeasuresPanel } from './MeasuresPanel';

/** Everything of a person's health in one place: the state, clearances, limits, questions, measures. */
export const HealthScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: string }>();
  const query = useEndpoint('getPerson', { params: { personId } });
  return (
    <Shown what="this person" query={query}>
      {(detail) => <Health detail={detail} />}
    </Shown>
  );
};

const Health = ({ detail }: { detail: PersonDetailDto }) => {
  const router = useRouter();
  const { studio } = useStudio();
  const today = todayIn(studio.timeZone);
  const { id, name } = detail.person;
  const writer = usePersonWriter(id);
  return (
    <Screen title="Health and limits" beside={name} back={`/people/${id}`}>
      <Problem text={writer.problem} />
      <ClearancePanel detail={detail} writer={writer} today={today} />
      <Button label="Referral note" onPress={() => router.push(`/people/${id}/referral`)} />
      {detail.intake.consentOn !== null && (
        <>
          <Heading>Limits</Heading>
          <LimitsPanel detail={detail} writer={writer} today={today} />
        </>
      )}
      <Heading>Questions</Heading>
      <HealthPanel intake={detail.intake} writer={writer} today={today} />
      <MeasuresPanel detail={detail} writer={writer} today={today} />
    </Screen>
  );
};
