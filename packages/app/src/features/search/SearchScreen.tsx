import { searchable } from '@drubo/core/vocabulary';
import { formatDay } from '@drubo/words/dates';
import { useRouter } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { Pressable, StyleSheet } from 'react-native';
import type { ReplyOf } from '@drubo/contracts';
import { builtInCatalogue } from '@drubo/core/catalogue';
import { bySearch } from '@drubo/core/knowledge';
import { useEndpoint } from '../../data/use-endpoint';
import { RADIUS, SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { TitledList } from '../../ui/TitledList';
import { Txt } from '../../ui/Txt';
import { SearchField } from '../../ui/SearchField';
import { Screen } from '../../frame/Screen';
import { searchWords } from '@drubo/words/screens/search';

const said = searchWords.searchScreen;

type Text = ReplyOf<'search'>['texts'][number];

const WHERE: Record<Text['where'], string> = said.where;

/** Letters from which a search looks. */
const LEAST = 2;
/** Movements shown at once; more words narrow them. */
const SHOWN = 8;

/** One field over everything: people, movements, notes and sessions. Movements and people are found without a network too. */
export const SearchScreen = () => {
  const [typed, setTyped] = useState('');
  const words = useDeferredValue(typed.trim());
  const isLong = words.length >= LEAST;
  const { data, error } = useEndpoint('search', { query: { words: isLong ? words : 'xx' } }, { enabled: isLong });
  const { data: known } = useEndpoint('listPeople');
  const router = useRouter();
  const wanted = searchable(words);
  const nearPeople = (known ?? []).filter(({ name }) => searchable(name).includes(wanted));
  const people = data?.people ?? nearPeople.map(({ id, name, note }) => ({ id, name, note, isArchived: false }));
  const movements = isLong ? bySearch(builtInCatalogue.variations, words).slice(0, SHOWN) : [];
  const texts = data?.texts ?? [];
  const isNothing =
    isLong && people.length + movements.length + texts.length + (data?.movements.length ?? 0) === 0 && (data ?? error);
  return (
    <Screen title={said.search} back="/">
      <SearchField
        autoFocus
        label={said.searchEverything}
        placeholder={said.peopleMovementsNotesSessions}
        value={typed}
        onChange={setTyped}
      />
      {!isLong && <Txt tone="quiet">{said.twoLettersAreEnough}</Txt>}
      {isLong && error !== null && !data && <Txt tone="saffron">{said.theServerCantBe}</Txt>}
      {isNothing && <Txt tone="quiet">{said.nothingHolds(words)}</Txt>}
      {isLong && people.length > 0 && (
        <TitledList title={said.people} style={styles.list}>
          {people.map(({ id, name, note, isArchived }) => (
            <Hit key={id} title={name} text={isArchived ? said.archived : note} onPress={() => router.push(`/people/${id}`)} />
          ))}
        </TitledList>
      )}
      {isLong && movements.length + (data?.movements.length ?? 0) > 0 && (
        <TitledList title={said.movements} style={styles.list}>
          {movements.map(({ id, name, aliases }) => (
            <Hit key={id} title={name} text={aliases.join(', ')} onPress={() => router.push(`/moves/${id}`)} />
          ))}
          {(data?.movements ?? []).map(({ id, name }) => (
            <Hit key={id} title={name} text={said.yourOwn} onPress={() => router.push(`/moves/own/${id}`)} />
          ))}
        </TitledList>
      )}
      {isLong && texts.length > 0 && (
        <TitledList title={said.notesAndSessions} style={styles.list}>
          {texts.map((found) => (
            <Hit
              key={`${found.where}-${found.id}`}
              title={`${found.personName} · ${formatDay(found.on)} · ${WHERE[found.where]}`}
              text={found.text}
              onPress={() => router.push(found.sessionId === null ? `/people/${found.personId}` : `/sessions/${found.sessionId}`)}
            />
          ))}
        </TitledList>
      )}
    </Screen>
  );
};

const Hit = ({ title, text, onPress }: { title: string; text: string; onPress(): void }) => {
  const palette = usePalette();
  return (
    <Pressable
      role="link"
      aria-label={text ? `${title}: ${text}` : title}
      onPress={onPress}
      style={({ pressed }) => [
        styles.hit,
        { backgroundColor: palette.card, borderColor: palette.hairline, opacity: pressed ? 0.75 : 1 },
      ]}
    >
      <Txt kind="bold">{title}</Txt>
      {text ? (
        <Txt kind="small" tone="quiet" numberOfLines={2}>
          {text}
        </Txt>
      ) : null}
    </Pressable>
  );
};

const styles = StyleSheet.create({
  list: { gap: SPACE.s, marginTop: SPACE.s },
  hit: { minHeight: TARGET.usual, borderWidth: 1, borderRadius: RADIUS, padding: SPACE.m, justifyContent: 'center' },
});
