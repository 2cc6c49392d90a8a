import { useCommands, useWriter } from '../../data/offline/QueueProvider';
import { saveFile } from '../../data/save-file';
import { Button } from '../../ui/Button';
import { Stack, Wrap } from '../../ui/layout';
import { Empty } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { inWords } from '../../parts/writes/in-words';
import { Refused } from './Refused';

const at = (moment: number): string =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' }).format(moment);

/** What waits to be sent, and what the server refused and the trainer has to settle. Nothing here is lost. */
export const WaitingScreen = () => {
  const commands = useCommands();
  const writer = useWriter();
  const waiting = commands.filter(({ state }) => state === 'waiting');
  const needsYou = commands.filter(({ state }) => state === 'needs-you');
  return (
    <Screen title="Not sent yet" back="/">
      {waiting.length + needsYou.length === 0 && (
        <Empty title="Everything is sent" text="What you log is kept on this device first and sent by itself." />
      )}
      {needsYou.length > 0 && (
        <Stack gap="s">
          <Heading>Needs you</Heading>
          <Txt tone="quiet">
            The server refused these. Send one again once what stood against it is gone, keep it as a note, or take it off the
            list.
          </Txt>
          {needsYou.map((command) => (
            <Refused key={command.id} command={command} when={at(command.queuedAt)} />
          ))}
          <Button label="Save a copy of these" onPress={() => saveFile('drubo-needs-you.json', needsYou)} />
        </Stack>
      )}
      {waiting.length > 0 && (
        <Stack gap="s">
          <Heading>Waiting</Heading>
          <Txt tone="quiet">Safe on this device. They are sent in order as soon as the server answers.</Txt>
          {waiting.map((command) => (
            <Txt key={command.id}>
              {inWords(command)} · {at(command.queuedAt)}
            </Txt>
          ))}
          <Wrap gap="s">
            <Button label="Try now" onPress={() => void writer.flush()} />
            <Button label="Save a copy as a file" onPress={() => saveFile('drubo-not-sent.json', waiting)} />
          </Wrap>
        </Stack>
      )}
    </Screen>
  );
};
