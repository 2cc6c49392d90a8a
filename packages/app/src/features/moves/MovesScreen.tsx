import { useRouter } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { FAMILY_LABELS } from '@drubo/words/explain';
import { byFamily } from '@drubo/core/catalogue';
import { laddersOf } from '@drubo/core/knowledge';
import { FAMILIES } from '@drubo/core/vocabulary';
import { useCatalogue } from '../../data/use-catalogue';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Row, Stack } from '../../ui/layout';
import { Empty } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { SearchField } from '../../ui/SearchField';
import { Screen } from '../../frame/Screen';
import { browse, filterCount, NO_FILTERS } from './browse';
import { FilterChips, FilterDialog } from './FilterDialog';
import { MoveRow } from '../../parts/moves/MoveRow';
import { useMovesState } from './MovesState';
import { Staircase } from './Staircase';
import { common } from '@drubo/words/screens/common';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.movesScreen;

/** The catalogue: families as staircases, or what was looked for as a list. */
export const MovesScreen = () => {
  const catalogue = useCatalogue();
  const { filters, setFilters } = useMovesState();
  const [isAsking, setAsking] = useState(false);
  const wanted = useDeferredValue(filters);
  const result = useMemo(() => browse(catalogue, wanted), [catalogue, wanted]);
  const isLooking = filters.search.trim() !== '' || filterCount(filters) > 0;
  return (
    <Screen
      title={words.moves}
      beside={isLooking ? countLine(result.found.length, result.locked) : words.movementCount(catalogue.variations.length)}
    >
      <Row gap="s">
        <View style={styles.search}>
          <SearchField
            label={words.searchMovementsByName}
            placeholder={common.searchByName}
            value={filters.search}
            onChange={(search) => setFilters({ ...filters, search })}
          />
        </View>
        <Button
          label={filterCount(filters) > 0 ? words.filter(filterCount(filters)) : words.filterAtStart}
          says={words.filterByRoomMuscles}
          onPress={() => setAsking(true)}
        />
      </Row>
      <FilterChips />
      {isLooking ? <Results {...result} /> : <Families />}
      {isAsking && <FilterDialog onClose={() => setAsking(false)} />}
    </Screen>
  );
};

const countLine = (found: number, locked: number): string =>
  `${words.movementFitsCount(found)}${locked > 0 ? words.lockedByLimits(locked) : ''}`;

const Results = ({ found, locked }: ReturnType<typeof browse>) => {
  const { setFilters } = useMovesState();
  if (found.length === 0) {
    return (
      <Empty title={words.noMovementFitsAll} text={locked > 0 ? words.wouldFitButAre(locked) : words.takeAFilterOff}>
        <Button look="main" label={words.clearAllFilters} onPress={() => setFilters(NO_FILTERS)} />
      </Empty>
    );
  }
  return (
    <Stack role="list" aria-label={words.movementsThatFit} gap="s">
      {found.map((one) => (
        <MoveRow key={one.variation.id} {...one} />
      ))}
    </Stack>
  );
};

const Families = () => {
  const router = useRouter();
  const catalogue = useCatalogue();
  const { family, setFamily } = useMovesState();
  const ladders = laddersOf(family);
  const onLadder = new Set(ladders.flatMap(({ rungs }) => rungs.map(({ variationId }) => variationId)));
  const rest = byFamily(catalogue, family).filter((v) => !onLadder.has(v.id) && !v.custom?.retired);
  return (
    <>
      <ScrollView horizontal showsHorizontalScrollIndicator={false} contentContainerStyle={styles.families}>
        {FAMILIES.map((each) => (
          <Chip key={each} label={FAMILY_LABELS[each]} chosen={each === family} onPress={() => setFamily(each)} />
        ))}
      </ScrollView>
      {ladders.map((ladder, at) => (
        <Staircase key={ladder.id} ladder={ladder} catalogue={catalogue} startsOpen={at === 0} />
      ))}
      {rest.length > 0 && (
        <Stack gap="s">
          <Heading>{ladders.length > 0 ? words.also : FAMILY_LABELS[family]}</Heading>
          {rest.map((variation) => (
            <MoveRow key={variation.id} variation={variation} limits={null} kit={null} />
          ))}
        </Stack>
      )}
      <Txt kind="small" tone="quiet">
        {words.somethingMissingOpenThe}
      </Txt>
      <Button look="quiet" label={words.yourOwnMovementsRetired} onPress={() => router.push('/moves/own')} />
    </>
  );
};

const styles = StyleSheet.create({
  search: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  families: { gap: SPACE.s, paddingBottom: SPACE.xs },
});
