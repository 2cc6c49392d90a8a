import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { PersonDto } from '@drubo/contracts';
import { callEndpoint, RefusedError } from '../../data/api';
import { personAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { saveFile } from '../../data/save-file';
import { useWithPassword } from '../../parts/password/use-with-password';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { todayIn } from '../../ui/days';
import { Wrap } from '../../ui/layout';
import { useStudio } from '../../data/StudioContext';
import { useSnack } from '../../frame/SnackProvider';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.personActions;

/** Editing, archiving and, for somebody archived, erasing for good. */
export const PersonActions = ({ person }: { person: PersonDto }) => {
  const router = useRouter();
  const writer = useWriter();
  const snack = useSnack();
  const { studio } = useStudio();
  const { withPassword, dialog } = useWithPassword();
  const [isSaving, setSaving] = useState(false);
  const [isAsking, setAsking] = useState(false);
  const isArchived = person.archivedAt !== null;
  const aggregate = personAggregate(person.id);
  const params = { personId: person.id };

  const saveData = async () => {
    setSaving(true);
    try {
      await withPassword(async () =>
        saveFile(`drubo-person-${todayIn(studio.timeZone)}.json`, await callEndpoint('exportPerson', { params })),
      );
    } catch (error) {
      snack({ text: error instanceof Error ? error.message : words.itCouldNotBe });
    } finally {
      setSaving(false);
    }
  };

  const setArchived = (archived: boolean) =>
    writer.log({ endpointId: 'setPersonArchived', params, body: { archived }, aggregate });

  const archive = async () => {
    await setArchived(!isArchived);
    if (isArchived) snack({ text: words.isBack(person.name) });
    else snack({ text: words.isArchivedNothingWas(person.name), undo: () => void setArchived(false) });
    router.replace('/people');
  };

  const erase = async () => {
    setAsking(false);
    try {
      await withPassword(async () => {
        await writer.save({ endpointId: 'erasePerson', params, body: {}, aggregate });
        router.replace('/people');
        snack({ text: words.andEverythingLoggedFor(person.name) });
      });
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
            label={words.firstVisit}
            says={words.firstVisitStepBy}
            onPress={() => router.push(`/people/${person.id}/intake`)}
          />
          <Button label={words.watchThemMove} onPress={() => router.push(`/people/${person.id}/screening`)} />
        </>
      )}
      <Button label={words.editDetails} onPress={() => router.push(`/people/${person.id}/edit`)} />
      <Button label={isArchived ? words.restore : words.archive} disabled={!writer.isReady} onPress={() => void archive()} />
      <Button
        label={words.saveTheirData}
        says={words.saveEverythingOfAs(person.name)}
        busy={isSaving}
        onPress={() => void saveData()}
      />
      {isArchived && <Button look="danger" label={words.eraseForGood} onPress={() => setAsking(true)} />}
      {isAsking && (
        <Confirm
          title={words.erase(person.name)}
          text={words.deletesThePersonTheir}
          yes={words.eraseForGood}
          onYes={() => void erase()}
          onNo={() => setAsking(false)}
        />
      )}
      {dialog}
    </Wrap>
  );
};
