import type { FallbackProps } from 'react-error-boundary';
import { Button } from '../ui/Button';
import { Wrap } from '../ui/layout';
import { Empty } from '../ui/states';
import { Screen } from './Screen';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.brokenScreen;

/**
 * A screen that could not be drawn: most often a part of the app that an update took away while this tab stood open.
 * Reloading brings the parts together again; what was logged lies on the device.
 */
export const BrokenScreen = ({ error, resetErrorBoundary }: FallbackProps) => (
  <Screen title={words.cantBeShown} back="/">
    <Empty title={words.reloadToGoOn} text={words.safeAndWhy(error instanceof Error ? error.message : '')}>
      <Wrap gap="s">
        <Button look="main" label={words.reload} onPress={() => window.location.reload()} />
        <Button label={words.tryAgain} onPress={resetErrorBoundary} />
      </Wrap>
    </Empty>
  </Screen>
);
