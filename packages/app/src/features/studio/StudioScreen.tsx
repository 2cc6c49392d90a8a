import { useRouter } from 'expo-router';
import { offlineShellProblem } from '../../data/offline/service-worker';
import { useSignOut } from '../../data/use-auth';
import { useEndpoint } from '../../data/use-endpoint';
import { useScheme } from '../../theme/scheme';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { Stack } from '../../ui/layout';
import { Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { useCommands } from '../../data/offline/QueueProvider';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { BackupsCard } from './BackupsCard';
import { DevicesCard } from './DevicesCard';
import { ExportCard } from './ExportCard';
import { KitCard } from './KitCard';
import { PasswordCard } from './PasswordCard';
import { StudioForm } from './StudioForm';
import { TrainersCard } from './TrainersCard';
import { common } from '@drubo/words/screens/common';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.studioScreen;

const SCHEMES = [
  { value: 'system', label: words.asTheDevice },
  { value: 'chalk', label: words.chalkLight },
  { value: 'night', label: words.nightFloorDark },
] as const;

/** The room: its kit, its units, its data, and signing out. */
export const StudioScreen = () => {
  const query = useEndpoint('getStudio');
  const router = useRouter();
  const { demo } = useStudio();
  const { scheme, setScheme } = useScheme();
  const problem = offlineShellProblem();
  return (
    <Screen title={words.studio} beside={demo ? words.anInventedStudioWith : ''}>
      <Shown what={words.theStudio} query={query}>
        {({ studio, kits, trainers }) => (
          <>
            {kits
              .filter(({ personId }) => personId === null)
              .map((kit) => (
                <KitCard key={kit.id} kit={kit} />
              ))}
            <Button icon="plus" label={words.anotherKit} says={words.addAKitA} onPress={() => router.push('/studio/kit/new')} />
            <Card>
              <Heading>{words.nameUnitTime}</Heading>
              <StudioForm key={studio.version} studio={studio} />
            </Card>
            <TrainersCard trainers={trainers} />
            {!demo && <PasswordCard />}
            <DevicesCard />
          </>
        )}
      </Shown>
      <Card>
        <Heading>{common.look}</Heading>
        <Choices label={words.coloursOnThisDevice} options={SCHEMES} value={scheme} onChange={setScheme} />
        <Txt kind="small" tone="quiet">
          {words.liveCoachingIsOn}
        </Txt>
      </Card>
      <BackupsCard />
      <ExportCard />
      <Card>
        <Heading>{words.withoutANetwork}</Heading>
        <Txt>{problem ?? words.thisDeviceKeepsThe}</Txt>
      </Card>
      <SignOut />
    </Screen>
  );
};

const SignOut = () => {
  const signOut = useSignOut();
  const { trainer } = useStudio();
  const waiting = useCommands().filter(({ state }) => state === 'waiting').length;
  return (
    <Stack gap="s">
      {waiting > 0 && <Txt tone="saffron">{words.notSentYetThey(waiting)}</Txt>}
      {signOut.error ? (
        <Txt tone="clay" role="alert">
          {words.youAreStillSigned(signOut.error.message)}
        </Txt>
      ) : null}
      <Button label={words.signOut(trainer.name)} busy={signOut.isPending} onPress={() => signOut.mutate()} />
    </Stack>
  );
};
