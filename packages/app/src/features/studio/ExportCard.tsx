import { useState } from 'react';
import { ProgressBar } from 'react-native-paper';
import { studioWords } from '@drubo/words/screens/studio';
import { fetchExport } from '../../data/fetch-export';
import { problemOf } from '../../data/refusal';
import { saveBlob } from '../../data/save-file';
import { useStudio } from '../../data/StudioContext';
import { useWithPassword } from '../../parts/password/use-with-password';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { todayIn } from '../../ui/days';
import { Problem } from '../../ui/Problem';
import { Heading, Txt } from '../../ui/Txt';

const words = studioWords.exportCard;

/** Everything of the studio as one file, to keep or to take elsewhere. */
export const ExportCard = () => {
  const { studio } = useStudio();
  const { withPassword, dialog } = useWithPassword();
  const [share, setShare] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const save = async () => {
    setProblem(null);
    setShare(0);
    try {
      await withPassword(async () => saveBlob(`drubo-${todayIn(studio.timeZone)}.json`, await fetchExport(setShare)));
    } catch (error) {
      setProblem(problemOf(error));
    } finally {
      setShare(null);
    }
  };
  return (
    <Card>
      <Heading>{words.yourData}</Heading>
      <Txt>{words.peopleBookingsSheetsEvery}</Txt>
      {share !== null && (
        <>
          <ProgressBar progress={share} aria-label={words.savingTheCopy} />
          <Txt kind="small" tone="quiet">
            {words.soMuchIsHere(Math.round(share * 100))}
          </Txt>
        </>
      )}
      <Problem text={problem} />
      <Button label={words.saveACopy} busy={share !== null} onPress={() => void save()} />
      {dialog}
    </Card>
  );
};
