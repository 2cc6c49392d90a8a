import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { PersonDto } from '@drubo/contracts';
import { callEndpoint, RefusedError } from '../../data/api';
import { personAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { saveFile } from '../../data/save-file';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { todayIn } from '../../ui/days';
import { Wrap } from '../../ui/layout';
import { useStudio } from '../../data/StudioContext';
import { useSnack } from '../../frame/SnackProvider';

/** Editing, archiving and, for somebody archived, erasing for good. */
export const PersonActions = ({ person }: { person: PersonDto }) => {
  const router = useRouter();
  const writer = useWriter();
  const snack = useSnack();
  const { studio } = useStudio();
  const [isSaving, setSaving] = useState(false);
  const [isAsking, setAsking] = useState(false);
  const isArchived = person.archivedAt !== null;
  const aggregate = personAggregate(person.id);
  const params = { personId: person.id };

  const saveData = async () => {
    setSaving(true);
    try {
      const file = await callEndpoint('exportPerson', { params });
      saveFile(`drubo-person-${todayIn(studio.timeZone)}.json`, file);
    } catch (error) {
      snack({ text: error instanceof Error ? error.message : 'It could not be saved.' });
    } finally {
      setSaving(false);
    }
  };

  const setArchived = (archived: boolean) =>
    writer.log({ endpointId: 'setPersonArchived', params, body: { archived }, aggregate });

  const archive = async () => {
    await setArchived(!isArchived);
    if (isArchived) snack({ text: `${person.name} is back.` });
    else snack({ text: `${person.name} is archived. Nothing was deleted.`, undo: () => void setArchived(false) });
    router.replace('/people');
  };

  const erase = async () => {
    setAsking(false);
    try {
      await writer.save({ endpointId: 'erasePerson', params, body: {}, aggregate });
      router.replace('/people');
      snack({ text: `${person.name} and everything logged for them is erased.` });
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      snack({ text: error.message });
    }
  };

  return (
    <Wrap gap="s">
      {!isArchived && (
        <>
          <Button
            label="First visit"
            says="First visit, step by step"
            onPress={() => router.push(`/people/${person.id}/intake`)}
          />
          <Button label="Watch them move" onPress={() => router.push(`/people/${person.id}/screening`)} />
        </>
      )}
      <Button label="Edit details" onPress={() => router.push(`/people/${person.id}/edit`)} />
      <Button label={isArchived ? 'Restore' : 'Archive'} disabled={!writer.isReady} onPress={() => void archive()} />
      <Button
        label="Save their data"
        says={`Save everything of ${person.name} as a file`}
        busy={isSaving}
        onPress={() => void saveData()}
      />
      {isArchived && <Button look="danger" label="Erase for good" onPress={() => setAsking(true)} />}
      {isAsking && (
        <Confirm
          title={`Erase ${person.name}?`}
          text="Deletes the person, their bookings, sheets, sessions and logged sets for good. It can’t be undone, here or on any other phone."
          yes="Erase for good"
          onYes={() => void erase()}
          onNo={() => setAsking(false)}
        />
      )}
    </Wrap>
  );
};
