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
import { ExportCard } from './ExportCard';
import { KitCard } from './KitCard';
import { PasswordCard } from './PasswordCard';
import { StudioForm } from './StudioForm';
import { TrainersCard } from './TrainersCard';

const SCHEMES = [
  { value: 'system', label: 'As the device' },
  { value: 'chalk', label: 'Chalk (light)' },
  { value: 'night', label: 'Night floor (dark)' },
] as const;

/** The room: its kit, its units, its data, and signing out. */
export const StudioScreen = () => {
  const query = useEndpoint('getStudio');
  const router = useRouter();
  const { demo } = useStudio();
  const { scheme, setScheme } = useScheme();
  const problem = offlineShellProblem();
  return (
    <Screen title="Studio" beside={demo ? 'An invented studio with invented people' : ''}>
      <Shown what="the studio" query={query}>
        {({ studio, kits, trainers }) => (
          <>
            {kits
              .filter(({ personId }) => personId === null)
              .map((kit) => (
                <KitCard key={kit.id} kit={kit} />
              ))}
            <Button
              icon="plus"
              label="Another kit"
              says="Add a kit: a home, a hotel, a second room"
              onPress={() => router.push('/studio/kit/new')}
            />
            <Card>
              <Heading>Name, unit, time</Heading>
              <StudioForm key={studio.version} studio={studio} />
            </Card>
            <TrainersCard trainers={trainers} />
            {!demo && <PasswordCard />}
          </>
        )}
      </Shown>
      <Card>
        <Heading>Look</Heading>
        <Choices label="Colours, on this device" options={SCHEMES} value={scheme} onChange={setScheme} />
        <Txt kind="small" tone="quiet">
          Live coaching is on the night floor unless you choose chalk.
        </Txt>
      </Card>
      <ExportCard />
      <Card>
        <Heading>Without a network</Heading>
        <Txt>
          {problem ?? 'This device keeps the whole app, the next seven days of sheets, and everything you log until it is sent.'}
        </Txt>
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
      {waiting > 0 && <Txt tone="saffron">{waiting} not sent yet. They stay on this device until you sign in here again.</Txt>}
      {signOut.error ? (
        <Txt tone="clay" role="alert">
          {signOut.error.message} You are still signed in.
        </Txt>
      ) : null}
      <Button label={`Sign out ${trainer.name}`} busy={signOut.isPending} onPress={() => signOut.mutate()} />
    </Stack>
  );
};
