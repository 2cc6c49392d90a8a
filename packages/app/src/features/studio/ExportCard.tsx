import { useMutation } from '@tanstack/react-query';
import { callEndpoint } from '../../data/api';
import { saveFile } from '../../data/save-file';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { todayIn } from '../../ui/days';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';

/** Everything of the studio as one file, to keep or to take elsewhere. */
export const ExportCard = () => {
  const { studio } = useStudio();
  const save = useMutation({
    mutationFn: async () => saveFile(`drubo-${todayIn(studio.timeZone)}.json`, await callEndpoint('exportStudio')),
  });
  return (
    <Card>
      <Heading>Your data</Heading>
      <Txt>People, bookings, sheets, every logged set and every decision, as one JSON file. Passwords stay behind.</Txt>
      {save.error ? (
        <Txt tone="clay" role="alert">
          {save.error.message}
        </Txt>
      ) : null}
      <Button label="Save a copy" busy={save.isPending} onPress={() => save.mutate()} />
    </Card>
  );
};
