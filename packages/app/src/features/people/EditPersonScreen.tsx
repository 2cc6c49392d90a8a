import type { PersonId } from '@drubo/core/vocabulary';
import { useLocalSearchParams } from 'expo-router';
import { useEndpoint } from '../../data/use-endpoint';
import { Shown } from '../../ui/states';
import { Screen } from '../../frame/Screen';
import { PersonForm } from './PersonForm';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.editPersonScreen;

/** Changes a person's details. */
export const EditPersonScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: PersonId }>();
  const query = useEndpoint('getPerson', { params: { personId } });
  return (
    <Screen title={words.editDetails} beside={query.data?.person.name ?? ''} back={`/people/${personId}`}>
      <Shown what={words.thisPerson} query={query}>
        {({ person }) => <PersonForm key={person.version} person={person} />}
      </Shown>
    </Screen>
  );
};

/** Adds a person. */
export const NewPersonScreen = () => (
  <Screen title={words.newPerson} back="/people">
    <PersonForm person={null} />
  </Screen>
);
