import { ScrollView, StyleSheet, View } from 'react-native';
import { KIT_PRESETS } from '@drubo/core';
import { EMPHASIS_LABELS, FAMILY_LABELS, LIMIT_LABELS, PRESET_LABELS } from '@drubo/words/explain';
import { EMPHASES, FAMILIES, DERIVED_LIMITS, LIMITS } from '@drubo/core/vocabulary';
import type { LimitId } from '@drubo/core/vocabulary';
import { useCatalogue } from '../../data/use-catalogue';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Choices } from '../../ui/Choices';
import { Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { browse, NO_FILTERS } from './browse';
import { useMovesState } from './MovesState';
import { common } from '@drubo/words/screens/common';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.filterDialog;

/** Sore enough that the table locks what it lists; a trainer who knows better says how sore. */
const SORE = 4;
const SOME = 3;

const ANY = 'any';

/** Room, what it trains, limits, family, legs. What fits is counted while choosing. */
export const FilterDialog = ({ onClose }: { onClose(): void }) => {
  const catalogue = useCatalogue();
  const { filters, setFilters } = useMovesState();
  const { found } = browse(catalogue, filters);
  const toggle = (limit: LimitId) =>
    setFilters({
      ...filters,
      limits: filters.limits.some((one) => one.limit === limit)
        ? filters.limits.filter((one) => one.limit !== limit)
        : [...filters.limits, { limit, severity: SORE }],
    });
  const isMild = filters.limits.length > 0 && filters.limits.every(({ severity }) => severity === SOME);
  return (
    <Modal
      title={words.filter}
      onClose={onClose}
      actions={
        <>
          <Button label={words.clearAll} onPress={() => setFilters({ ...NO_FILTERS, search: filters.search })} />
          <Button look="main" label={words.show(found.length)} says={words.showMovement(found.length)} onPress={onClose} />
        </>
      }
    >
      <Choices
        label={words.room}
        options={[{ value: ANY, label: words.any }, ...KIT_PRESETS.map(({ id }) => ({ value: id, label: PRESET_LABELS[id] }))]}
        value={filters.room ?? ANY}
        onChange={(value) => setFilters({ ...filters, room: KIT_PRESETS.find(({ id }) => id === value)?.id ?? null })}
      />
      <Choices
        label={words.trains}
        options={[{ value: ANY, label: words.any }, ...EMPHASES.map((value) => ({ value, label: EMPHASIS_LABELS[value] }))]}
        value={filters.emphasis ?? ANY}
        onChange={(value) => setFilters({ ...filters, emphasis: EMPHASES.find((id) => id === value) ?? null })}
      />
      <Stack gap="s" role="group" aria-label={words.limits}>
        <Txt kind="small" tone="quiet">
          {words.limitsACautionNot}
        </Txt>
        <View style={styles.row}>
          {LIMITS.filter((limit) => !DERIVED_LIMITS.some((hold) => hold === limit)).map((limit) => (
            <Chip
              key={limit}
              label={LIMIT_LABELS[limit]}
              chosen={filters.limits.some((one) => one.limit === limit)}
              onPress={() => toggle(limit)}
            />
          ))}
        </View>
        {filters.limits.length > 0 && (
          <Choices
            label={words.howSoreWhereIt}
            options={[
              { value: 'some', label: words.n3Of10 },
              { value: 'sore', label: words.n4OrMore },
            ]}
            value={isMild ? 'some' : 'sore'}
            onChange={(value) =>
              setFilters({
                ...filters,
                limits: filters.limits.map((one) => ({ ...one, severity: value === 'some' ? SOME : SORE })),
              })
            }
          />
        )}
      </Stack>
      <Choices
        label={common.family}
        options={[{ value: ANY, label: words.any }, ...FAMILIES.map((value) => ({ value, label: FAMILY_LABELS[value] }))]}
        value={filters.family ?? ANY}
        onChange={(value) => setFilters({ ...filters, family: FAMILIES.find((id) => id === value) ?? null })}
      />
      <Choices
        label={words.legs}
        options={[
          { value: ANY, label: words.any },
          { value: 'two', label: words.twoAtOnce },
          { value: 'one', label: words.oneAtATime },
        ]}
        value={filters.legs ?? ANY}
        onChange={(value) => setFilters({ ...filters, legs: value === ANY ? null : (value as 'two' | 'one') })}
      />
    </Modal>
  );
};

/** What is asked for, each with a way to take it off again. */
export const FilterChips = () => {
  const { filters, setFilters } = useMovesState();
  const { room, emphasis, family, legs, limits } = filters;
  const on: { key: string; label: string; off: () => void }[] = [
    ...(room
      ? [
          {
            key: room,
            label: PRESET_LABELS[room],
            off: () => setFilters({ ...filters, room: null }),
          },
        ]
      : []),
    ...(emphasis
      ? [{ key: emphasis, label: EMPHASIS_LABELS[emphasis], off: () => setFilters({ ...filters, emphasis: null }) }]
      : []),
    ...limits.map(({ limit, severity }) => ({
      key: limit,
      label: `${LIMIT_LABELS[limit]}, ${severity === SOME ? '3' : '4+'}`,
      off: () => setFilters({ ...filters, limits: limits.filter((one) => one.limit !== limit) }),
    })),
    ...(family ? [{ key: family, label: FAMILY_LABELS[family], off: () => setFilters({ ...filters, family: null }) }] : []),
    ...(legs
      ? [
          {
            key: legs,
            label: legs === 'one' ? words.oneLegAtA : words.twoLegs,
            off: () => setFilters({ ...filters, legs: null }),
          },
        ]
      : []),
  ];
  if (on.length === 0) return null;
  return (
    <ScrollView horizontal showsHorizontalScrollIndicator={false} contentContainerStyle={styles.row}>
      {on.map(({ key, label, off }) => (
        <Chip key={key} label={`${label} ×`} says={words.takeOffTheFilter(label)} chosen onPress={off} />
      ))}
    </ScrollView>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
