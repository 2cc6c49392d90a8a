import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { SessionDetailDto } from '@drubo/contracts';
import { newId } from '../../data/ids';
import { keyOf } from '../../data/keys';
import { personAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { storageTrouble } from '../../data/offline/storage-trouble';
import { pathId, requestOf } from '../../data/offline/types';
import type { StoredCommand, StoredOf, WriteRequest } from '../../data/offline/types';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Confirm } from '../../ui/Confirm';
import { Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { asNote, inWords } from '../../parts/writes/in-words';
import { waitingWords } from '@drubo/words/screens/waiting';

const words = waitingWords.refused;

/** One write the server refused, and the ways to settle it by hand: send it again, keep it as a note, or let it go. */
export const Refused = ({ command, when }: { command: StoredCommand; when: string }) => {
  const writer = useWriter();
  const client = useQueryClient();
  const [isAsking, setAsking] = useState(false);
  const { error } = command;
  const sessionId = pathId(command, 'sessionId');
  const detail =
    sessionId === undefined ? undefined : client.getQueryData<SessionDetailDto>(keyOf('getSession', { params: { sessionId } }));
  const [problem, setProblem] = useState<string | null>(null);
  const settle = async (request: WriteRequest) => {
    try {
      await writer.log(request);
      await writer.remove([command.id]);
    } catch (failed) {
      // It stays on the list until its successor is safe.
      setProblem(storageTrouble(failed));
    }
  };
  const sendAgain = () => settle(requestOf(command));
  const keepNote = (set: StoredOf<'logSet'>['body'], known: SessionDetailDto) =>
    settle({
      endpointId: 'saveRecord',
      params: { personId: known.session.personId, recordId: newId() },
      body: {
        fields: {
          kind: 'note',
          on: known.session.date,
          text: asNote(set, known),
          pinned: false,
          watch: false,
        },
      },
      aggregate: personAggregate(known.session.personId),
    });
  return (
    <Card edge="clay">
      <Txt kind="bold">
        {inWords(command)} · {when}
      </Txt>
      <Txt>{error?.message ?? ''}</Txt>
      {error?.fields?.map(({ path, message }) => (
        <Txt key={path} kind="small">
          {path} {message}
        </Txt>
      ))}
      {problem && (
        <Txt tone="clay" role="alert">
          {problem}
        </Txt>
      )}
      <Wrap gap="s">
        <Button label={words.sendAgain} onPress={() => void sendAgain()} />
        {command.endpointId === 'logSet' && detail && (
          <Button label={words.keepAsANote(detail.sheet.personName)} onPress={() => void keepNote(command.body, detail)} />
        )}
        <Button label={words.takeOffTheList} onPress={() => setAsking(true)} />
      </Wrap>
      {isAsking && (
        <Confirm
          title={words.takeItOffThe}
          text={words.wasNeverStoredOn(inWords(command))}
          yes={words.takeItOff}
          onYes={() => void writer.remove([command.id])}
          onNo={() => setAsking(false)}
        />
      )}
    </Card>
  );
};
