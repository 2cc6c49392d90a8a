import { useMutation } from '@tanstack/react-query';
import { callEndpoint } from '../../data/api';
import { saveFile } from '../../data/save-file';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { todayIn } from '../../ui/days';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.exportCard;

/** Everything of the studio as one file, to keep or to take elsewhere. */
export const ExportCard = () => {
  const { studio } = useStudio();
  const save = useMutation({
    mutationFn: async () => saveFile(`drubo-${todayIn(studio.timeZone)}.json`, await callEndpoint('exportStudio')),
  });
  return (
    <Card>
      <Heading>{words.yourData}</Heading>
      <Txt>{words.peopleBookingsSheetsEvery}</Txt>
      {save.error ? (
        <Txt tone="clay" role="alert">
          {save.error.message}
        </Txt>
      ) : null}
      <Button label={words.saveACopy} busy={save.isPending} onPress={() => save.mutate()} />
    </Card>
  );
};
