import { useState } from 'react';
import { View } from 'react-native';
import { useCommands, useWriter } from '../../data/offline/QueueProvider';
import type { StoredCommand } from '../../data/offline/types';
import { saveFile } from '../../data/save-file';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Confirm } from '../../ui/Confirm';
import { Empty } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { Screen } from '../shell/Screen';
import { inWords } from './in-words';

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
        <View style={{ gap: SPACE.s }}>
          <Heading>Needs you</Heading>
          <Txt tone="quiet">The server refused these. Keep a copy if you want it, then take them off the list.</Txt>
          {needsYou.map((command) => (
            <Refused key={command.id} command={command} />
          ))}
          <Button label="Save a copy of these" onPress={() => saveFile('drubo-needs-you.json', needsYou)} />
        </View>
      )}
      {waiting.length > 0 && (
        <View style={{ gap: SPACE.s }}>
          <Heading>Waiting</Heading>
          <Txt tone="quiet">Safe on this device. They are sent in order as soon as the server answers.</Txt>
          {waiting.map((command) => (
            <Txt key={command.id}>
              {inWords(command)} · {at(command.queuedAt)}
            </Txt>
          ))}
          <Button label="Try now" onPress={() => void writer.flush()} />
        </View>
      )}
    </Screen>
  );
};

const Refused = ({ command }: { command: StoredCommand }) => {
  const writer = useWriter();
  const [isAsking, setAsking] = useState(false);
  const { error } = command;
  return (
    <Card edge="clay">
      <Txt kind="bold">
        {inWords(command)} · {at(command.queuedAt)}
      </Txt>
      <Txt>{error?.message ?? ''}</Txt>
      {error?.fields?.map(({ path, message }) => (
        <Txt key={path} kind="small">
          {path} {message}
        </Txt>
      ))}
      <Button label="Take off the list" onPress={() => setAsking(true)} />
      {isAsking && (
        <Confirm
          title="Take it off the list?"
          text={`“${inWords(command)}” was never stored on the server. Taken off here, it is gone.`}
          yes="Take it off"
          onYes={() => void writer.remove([command.id])}
          onNo={() => setAsking(false)}
        />
      )}
    </Card>
  );
};
