import { ScrollView, StyleSheet, View } from 'react-native';
import { KIT_PRESETS } from '@drubo/core';
import { counted, EMPHASIS_LABELS, FAMILY_LABELS, LIMIT_LABELS } from '@drubo/words/explain';
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
      title="Filter"
      onClose={onClose}
      actions={
        <>
          <Button label="Clear all" onPress={() => setFilters({ ...NO_FILTERS, search: filters.search })} />
          <Button
            look="main"
            label={`Show ${found.length}`}
            says={`Show ${counted(found.length, 'movement')}`}
            onPress={onClose}
          />
        </>
      }
    >
      <Choices
        label="Room"
        options={[{ value: ANY, label: 'Any' }, ...KIT_PRESETS.map(({ id, name }) => ({ value: id, label: name }))]}
        value={filters.room ?? ANY}
        onChange={(value) => setFilters({ ...filters, room: KIT_PRESETS.find(({ id }) => id === value)?.id ?? null })}
      />
      <Choices
        label="Trains"
        options={[{ value: ANY, label: 'Any' }, ...EMPHASES.map((value) => ({ value, label: EMPHASIS_LABELS[value] }))]}
        value={filters.emphasis ?? ANY}
        onChange={(value) => setFilters({ ...filters, emphasis: EMPHASES.find((id) => id === value) ?? null })}
      />
      <Stack gap="s" role="group" aria-label="Limits">
        <Txt kind="small" tone="quiet">
          Limits. A caution, not a diagnosis: a clinician’s word comes first.
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
            label="How sore, where it is felt"
            options={[
              { value: 'some', label: '3 of 10' },
              { value: 'sore', label: '4 or more' },
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
        label="Family"
        options={[{ value: ANY, label: 'Any' }, ...FAMILIES.map((value) => ({ value, label: FAMILY_LABELS[value] }))]}
        value={filters.family ?? ANY}
        onChange={(value) => setFilters({ ...filters, family: FAMILIES.find((id) => id === value) ?? null })}
      />
      <Choices
        label="Legs"
        options={[
          { value: ANY, label: 'Any' },
          { value: 'two', label: 'Two at once' },
          { value: 'one', label: 'One at a time' },
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
            label: KIT_PRESETS.find(({ id }) => id === room)?.name ?? room,
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
            label: legs === 'one' ? 'One leg at a time' : 'Two legs',
            off: () => setFilters({ ...filters, legs: null }),
          },
        ]
      : []),
  ];
  if (on.length === 0) return null;
  return (
    <ScrollView horizontal showsHorizontalScrollIndicator={false} contentContainerStyle={styles.row}>
      {on.map(({ key, label, off }) => (
        <Chip key={key} label={`${label} ×`} says={`Take off the filter: ${label}`} chosen onPress={off} />
      ))}
    </ScrollView>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
