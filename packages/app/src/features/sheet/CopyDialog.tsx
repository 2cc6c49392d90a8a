import type { PersonId } from '@drubo/core/vocabulary';
import { formatDay } from '@drubo/words/dates';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { PersonDetailDto, SheetDto } from '@drubo/contracts';
import { addDays } from '@drubo/core';
import { callEndpoint } from '../../data/api';
import { newId } from '../../data/ids';
import { keyOf } from '../../data/keys';
import { useWriter } from '../../data/offline/QueueProvider';
import { problemOf } from '../../data/refusal';
import { sheetAggregate } from '../../data/offline/lines';
import { useEndpoint } from '../../data/use-endpoint';
import { Button } from '../../ui/Button';
import { DateTimeField } from '../../ui/DateTimeField';
import { todayIn } from '../../ui/days';
import { Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { common } from '@drubo/words/screens/common';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.copyDialog;

/** Keeps a copy of a sheet for another day of the same person, or offers it to somebody else. */
export const CopyDialog = ({ sheet, onClose }: { sheet: SheetDto; onClose(): void }) => {
  const router = useRouter();
  const client = useQueryClient();
  const writer = useWriter();
  const snack = useSnack();
  const { studio } = useStudio();
  const today = todayIn(studio.timeZone);
  const [on, setOn] = useState(addDays(today, 7));
  const [problem, setProblem] = useState<string | null>(null);
  const { data: people = [] } = useEndpoint('listPeople');
  const keep = async () => {
    if (on <= today) {
      setProblem(words.theDayMustLie);
      return;
    }
    try {
      await writer.save({
        endpointId: 'copySheet',
        params: { sheetId: sheet.id, copyId: newId() },
        body: { on },
        aggregate: sheetAggregate(sheet.id),
      });
      snack({ text: words.aCopyWaitsFor(formatDay(on)) });
      onClose();
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  const offer = async (personId: PersonId) => {
    const key = keyOf('getPerson', { params: { personId } });
    try {
      const detail =
        client.getQueryData<PersonDetailDto>(key) ??
        (await client.fetchQuery({ queryKey: key, queryFn: () => callEndpoint('getPerson', { params: { personId } }) }));
      if (!detail) return;
      onClose();
      router.push(`/sheet/${detail.nextSheet.id}?from=${sheet.id}`);
    } catch {
      setProblem(words.theirSheetCantBe);
    }
  };
  const others = people.filter(({ id, archivedAt }) => id !== sheet.personId && archivedAt === null);
  return (
    <Modal title={words.copyThisSheet} onClose={onClose} problem={problem} closes={common.close}>
      <Stack gap="s">
        <Heading level={3}>{words.forAnotherDayOf(sheet.personName)}</Heading>
        <DateTimeField label={words.day} type="date" value={on} min={addDays(today, 1)} onChange={setOn} />
        <Button label={words.keepACopy} disabled={!writer.isReady} onPress={() => void keep()} />
      </Stack>
      <Stack gap="s">
        <Heading level={3}>{words.forSomebodyElse}</Heading>
        <Txt kind="small" tone="quiet">
          {words.itIsFittedTo}
        </Txt>
        {others.length === 0 && <Txt tone="quiet">{words.nobodyElseYet}</Txt>}
        {others.map(({ id, name }) => (
          <Button key={id} label={name} says={words.copyTo(name)} onPress={() => void offer(id)} />
        ))}
      </Stack>
    </Modal>
  );
};
