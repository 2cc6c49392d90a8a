import type { PersonId } from '@drubo/core/vocabulary';
import { useLocalSearchParams } from 'expo-router';
import { healthInputOf, recordsOf } from '@drubo/contracts';
import type { PersonDetailDto } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { formatLoad, formatSets, referralNote } from '@drubo/words/explain';
import { healthPicture } from '@drubo/core/limits';
import { readScreening } from '@drubo/core/screening';
import { printText } from '../../data/print-text';
import { usePerson } from '../../data/use-person';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { todayIn } from '../../ui/days';
import { Row } from '../../ui/layout';
import { Shown } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import { useExplain } from '../../ui/Why';
import { Screen } from '../../frame/Screen';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.referralScreen;

/** A short note to a clinician, to print or to send: what was seen, no diagnosis. */
export const ReferralScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: PersonId }>();
  const query = usePerson(personId);
  return (
    <Shown what={words.thisPerson} query={query}>
      {(detail) => <Note detail={detail} />}
    </Shown>
  );
};

const Note = ({ detail }: { detail: PersonDetailDto }) => {
  const snack = useSnack();
  const explain = useExplain();
  const { studio, trainer } = useStudio();
  const today = todayIn(studio.timeZone);
  const { person, intake, records, nextSheet } = detail;
  const health = healthPicture(healthInputOf(intake, records, today));
  const screening = recordsOf(records, 'screening')
    .filter(({ fields }) => fields.done)
    .at(-1);
  const found = screening
    ? readScreening(screening.fields.seen, { heightCm: person.heightCm, massKg: person.massKg, shankCm: null }).findings
    : [];
  const note = referralNote({
    studioName: studio.name,
    trainerName: trainer.name,
    personName: person.name,
    today,
    state: health.state,
    reasons: explain(health.reasons).map(({ text }) => text),
    seen: explain(found.filter(({ rule }) => rule !== 'seen-clean').map(({ reason }) => reason)).map(({ text }) => text),
    training: nextSheet.items.map(({ variationId, dose }) => {
      const variation = getVariation(builtInCatalogue, variationId);
      return `${variation.name}, ${formatSets(dose, variation.stance)}, ${formatLoad(dose.load)}`;
    }),
  });
  const copy = async () => {
    await navigator.clipboard.writeText(note);
    snack({ text: words.copied });
  };
  return (
    <Screen title={words.referralNote} beside={person.name} back={`/people/${person.id}/health`}>
      <Row gap="s" align="stretch">
        <Button grow label={words.copy} says={words.copyTheNote} onPress={() => void copy()} />
        <Button
          grow
          look="main"
          label={words.print}
          says={words.printTheNote}
          onPress={() => printText(words.referral(person.name), note)}
        />
      </Row>
      <Card>
        <Txt>{note}</Txt>
      </Card>
    </Screen>
  );
};
