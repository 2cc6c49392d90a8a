import { formatWeekDayTime } from '@drubo/words/dates';
import { useCommands, useWriter } from '../../data/offline/QueueProvider';
import { saveFile } from '../../data/save-file';
import { Button } from '../../ui/Button';
import { Stack, Wrap } from '../../ui/layout';
import { Empty } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { inWords } from '../../parts/writes/in-words';
import { Refused } from './Refused';
import { waitingWords } from '@drubo/words/screens/waiting';

const words = waitingWords.waitingScreen;

/** What waits to be sent, and what the server refused and the trainer has to settle. Nothing here is lost. */
export const WaitingScreen = () => {
  const commands = useCommands();
  const writer = useWriter();
  const waiting = commands.filter(({ state }) => state === 'waiting');
  const needsYou = commands.filter(({ state }) => state === 'needs-you');
  return (
    <Screen title={words.notSentYet} back="/">
      {waiting.length + needsYou.length === 0 && <Empty title={words.everythingIsSent} text={words.whatYouLogIs} />}
      {needsYou.length > 0 && (
        <Stack gap="s">
          <Heading>{words.needsYou}</Heading>
          <Txt tone="quiet">{words.theServerRefusedThese}</Txt>
          {needsYou.map((command) => (
            <Refused key={command.id} command={command} when={formatWeekDayTime(command.queuedAt)} />
          ))}
          <Button label={words.saveACopyOf} onPress={() => saveFile('drubo-needs-you.json', needsYou)} />
        </Stack>
      )}
      {waiting.length > 0 && (
        <Stack gap="s">
          <Heading>{words.waiting}</Heading>
          <Txt tone="quiet">{words.safeOnThisDevice}</Txt>
          {waiting.map((command) => (
            <Txt key={command.id}>
              {inWords(command)} · {formatWeekDayTime(command.queuedAt)}
            </Txt>
          ))}
          <Wrap gap="s">
            <Button label={words.tryNow} onPress={() => void writer.flush()} />
            <Button label={words.saveACopyAs} onPress={() => saveFile('drubo-not-sent.json', waiting)} />
          </Wrap>
        </Stack>
      )}
    </Screen>
  );
};
