import { useRouter } from 'expo-router';
import { Button } from '../ui/Button';
import { Empty } from '../ui/states';
import { Screen } from './Screen';

/** An address that leads nowhere. */
export const NotFoundScreen = () => {
  const router = useRouter();
  return (
    <Screen title="Nothing here">
      <Empty title="There is nothing at this address" text="It may be an old link, or somebody who was erased.">
        <Button look="main" label="Go to the floor" onPress={() => router.replace('/')} />
      </Empty>
    </Screen>
  );
};
