import { useState } from 'react';
import { formatWeekDayTime } from '@drubo/words/dates';
import { useCommands, useWaitsBecause, useWriter } from '../../data/offline/QueueProvider';
import { storageTrouble } from '../../data/offline/storage-trouble';
import { requestOf } from '../../data/offline/types';
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
  const because = useWaitsBecause();
  const waiting = commands.filter(({ state }) => state === 'waiting');
  const needsYou = commands.filter(({ state }) => state === 'needs-you');
  const [problem, setProblem] = useState<string | null>(null);
  // In the order they were made: what hangs on another comes after it.
  const sendAllAgain = async () => {
    try {
      for (const command of needsYou) {
        await writer.log(requestOf(command));
        await writer.remove([command.id]);
      }
    } catch (failed) {
      setProblem(storageTrouble(failed));
    }
  };
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
          <Wrap gap="s">
            {needsYou.length > 1 && <Button label={words.sendAllAgain} onPress={() => void sendAllAgain()} />}
            <Button label={words.saveACopyOf} onPress={() => saveFile('drubo-needs-you.json', needsYou)} />
          </Wrap>
          {problem && (
            <Txt tone="clay" role="alert">
              {problem}
            </Txt>
          )}
        </Stack>
      )}
      {waiting.length > 0 && (
        <Stack gap="s">
          <Heading>{words.waiting}</Heading>
          <Txt tone="quiet">{words.safeOnThisDevice}</Txt>
          {because && <Txt role="status">{because}</Txt>}
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
