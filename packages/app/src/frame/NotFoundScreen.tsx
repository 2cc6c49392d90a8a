import { useRouter } from 'expo-router';
import { Button } from '../ui/Button';
import { Empty } from '../ui/states';
import { Screen } from './Screen';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.notFoundScreen;

/** An address that leads nowhere. */
export const NotFoundScreen = () => {
  const router = useRouter();
  return (
    <Screen title={words.nothingHere}>
      <Empty title={words.thereIsNothingAt} text={words.itMayBeAn}>
        <Button look="main" label={words.goToTheFloor} onPress={() => router.replace('/')} />
      </Empty>
    </Screen>
  );
};
