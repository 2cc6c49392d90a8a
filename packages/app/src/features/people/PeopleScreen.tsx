import { useLocalSearchParams, useRouter } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
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

const matching = (people: readonly PersonDto[], search: string): PersonDto[] =>
  people.filter((person) => person.name.toLocaleLowerCase().includes(search.trim().toLocaleLowerCase()));

/** Everybody the studio trains, found by any part of the name, on this device even without a network. */
export const PeopleScreen = () => {
  const router = useRouter();
  const palette = usePalette();
  const { personId } = useLocalSearchParams<{ personId?: string }>();
  const [search, setSearch] = useState('');
  const [isArchive, setArchive] = useState(false);
  const wanted = useDeferredValue(search);
  const query = useEndpoint('listPeople', isArchive ? { query: { archived: 'yes' } } : {});
  return (
    <Screen
      title="People"
      actions={<Button look="main" icon="plus" label="Add" says="Add a person" onPress={() => router.push('/people/new')} />}
    >
      <SearchField label="Search by name" placeholder="Search by name" value={search} onChange={setSearch} />
      <Row gap="s" align="stretch">
        <Chip label="Training here" chosen={!isArchive} onPress={() => setArchive(false)} />
        <Chip label="Archived" chosen={isArchive} onPress={() => setArchive(true)} />
      </Row>
      <Shown what="the people" query={query}>
        {(people) => {
          const found = matching(people, wanted);
          if (people.length === 0) {
            return isArchive ? (
              <Empty
                title="Nobody is archived"
                text="Somebody who stops coming can be archived from their page; nothing is lost."
              />
            ) : (
              <Empty
                title="Nobody yet"
                text="Add the first person you train. A name, a goal and the minutes you have are enough."
              >
                <Button look="main" label="Add a person" onPress={() => router.push('/people/new')} />
              </Empty>
            );
          }
          if (found.length === 0) return <Empty title="No such name" text={`Nobody here is called “${wanted.trim()}”.`} />;
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
                        {GOAL_LABELS[person.goal]} · {person.minutes} min{person.note ? ` · ${person.note}` : ''}
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
