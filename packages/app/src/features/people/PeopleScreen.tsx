import type { PersonId } from '@drubo/core/vocabulary';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { searchable } from '@drubo/core/vocabulary';
import type { PersonDto } from '@drubo/contracts';
import { GOAL_LABELS } from '@drubo/words/explain';
import { useEndpoint } from '../../data/use-endpoint';
import { RADIUS, SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Icon } from '../../ui/icons/Icon';
import { Row, Stack } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import { SearchField } from '../../ui/SearchField';
import { Screen } from '../../frame/Screen';
import { common } from '@drubo/words/screens/common';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.peopleScreen;

const matching = (people: readonly PersonDto[], search: string): PersonDto[] =>
  people.filter((person) => searchable(person.name).includes(searchable(search.trim())));

/** Everybody the studio trains, found by any part of the name, on this device even without a network. */
export const PeopleScreen = () => {
  const router = useRouter();
  const palette = usePalette();
  const { personId } = useLocalSearchParams<{ personId?: PersonId }>();
  const [search, setSearch] = useState('');
  const [isArchive, setArchive] = useState(false);
  const wanted = useDeferredValue(search);
  const query = useEndpoint('listPeople', isArchive ? { query: { archived: 'yes' } } : {});
  return (
    <Screen
      title={words.people}
      actions={
        <Button look="main" icon="plus" label={common.add} says={words.addAPerson} onPress={() => router.push('/people/new')} />
      }
    >
      <SearchField label={common.searchByName} placeholder={common.searchByName} value={search} onChange={setSearch} />
      <Row gap="s" align="stretch">
        <Chip label={words.trainingHere} chosen={!isArchive} onPress={() => setArchive(false)} />
        <Chip label={words.archived} chosen={isArchive} onPress={() => setArchive(true)} />
      </Row>
      <Shown what={words.thePeople} query={query}>
        {(people) => {
          const found = matching(people, wanted);
          if (people.length === 0) {
            return isArchive ? (
              <Empty title={words.nobodyIsArchived} text={words.somebodyWhoStopsComing} />
            ) : (
              <Empty title={words.nobodyYet} text={words.addTheFirstPerson}>
                <Button look="main" label={words.addAPerson} onPress={() => router.push('/people/new')} />
              </Empty>
            );
          }
          if (found.length === 0) return <Empty title={words.noSuchName} text={words.nobodyHereIsCalled(wanted.trim())} />;
          return (
            <Stack role="list" gap="s">
              {found.map((person) => (
                <View role="listitem" key={person.id}>
                  <Pressable
                    role="link"
                    onPress={() => router.push(`/people/${person.id}`)}
                    style={({ pressed }) => [
                      styles.person,
                      { backgroundColor: palette.card, borderColor: person.id === personId ? palette.moss : palette.hairline },
                      pressed && { opacity: 0.75 },
                    ]}
                  >
                    <View style={styles.text}>
                      <Txt kind="bold">{person.name}</Txt>
                      <Txt kind="small" tone="quiet" numberOfLines={1}>
                        {words.min(GOAL_LABELS[person.goal], person.minutes)}
                        {person.note ? ` · ${person.note}` : ''}
                      </Txt>
                    </View>
                    <Icon name="forward" size={20} color={palette.quiet} />
                  </Pressable>
                </View>
              ))}
            </Stack>
          );
        }}
      </Shown>
    </Screen>
  );
};

const styles = StyleSheet.create({
  person: {
    minHeight: TARGET.live + SPACE.s,
    borderWidth: 1,
    borderRadius: RADIUS,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.s,
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.s,
  },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
