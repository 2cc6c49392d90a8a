import { useLocalSearchParams } from 'expo-router';
import { useEndpoint } from '../../data/use-endpoint';
import { Shown } from '../../ui/states';
import { Screen } from '../../frame/Screen';
import { PersonForm } from './PersonForm';

/** Changes a person's details. */
export const EditPersonScreen = () => {
  const { personId } = useLocalSearchParams<{ personId: string }>();
  const query = useEndpoint('getPerson', { params: { personId } });
  return (
    <Screen title="Edit details" beside={query.data?.person.name ?? ''} back={`/people/${personId}`}>
      <Shown what="this person" query={query}>
        {({ person }) => <PersonForm key={person.version} person={person} />}
      </Shown>
    </Screen>
  );
};

/** Adds a person. */
export const NewPersonScreen = () => (
  <Screen title="New person" back="/people">
    <PersonForm person={null} />
  </Screen>
);
