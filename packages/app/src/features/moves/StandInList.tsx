import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { KIT_PRESETS } from '@drubo/core';
import { standInsFor } from '@drubo/core/selection';
import { getVariation } from '@drubo/core/catalogue';
import type { Catalogue, Variation } from '@drubo/core/catalogue';
import { formatDifference, formatWhyNot } from '@drubo/words/movement-words';
import { LIMIT_LABELS, PRESET_LABELS } from '@drubo/words/explain';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { TitledList } from '../../ui/TitledList';
import { Heading, Txt } from '../../ui/Txt';
import { roomOf } from './browse';
import { useMovesState } from './MovesState';
import { ToMove } from './Neighbours';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.standInList;

const SHOWN = 5;

/** What can be done instead, best first, each with what differs; and what was near but can't be, with why. */
export const StandInList = ({ variation, catalogue }: { variation: Variation; catalogue: Catalogue }) => {
  const { filters } = useMovesState();
  const [roomId, setRoomId] = useState(filters.room ?? KIT_PRESETS[0].id);
  const [isAll, setAll] = useState(false);
  const { ranked, leftOut } = useMemo(
    () => standInsFor(catalogue, variation, roomOf(roomId) ?? new Set(), filters.limits),
    [catalogue, variation, roomId, filters.limits],
  );
  return (
    <Card>
      <Heading>{words.instead}</Heading>
      <Choices
        label={words.room}
        options={KIT_PRESETS.map(({ id }) => ({ value: id, label: PRESET_LABELS[id] }))}
        value={roomId}
        onChange={(id) => setRoomId(KIT_PRESETS.find((preset) => preset.id === id)?.id ?? roomId)}
      />
      {filters.limits.length > 0 && (
        <Txt kind="small" tone="quiet">
          {words.with(filters.limits.map(({ limit }) => LIMIT_LABELS[limit]).join(', '))}
        </Txt>
      )}
      {ranked.length === 0 && <Txt tone="quiet">{words.nothingNearEnoughIn}</Txt>}
      {ranked.length > 0 && (
        <View role="list" aria-label={words.instead}>
          {ranked.slice(0, isAll ? undefined : SHOWN).map(({ variationId, differs }) => (
            <View role="listitem" key={variationId}>
              <ToMove
                href={`/moves/${variationId}`}
                name={getVariation(catalogue, variationId).name}
                note={differs.map(formatDifference).join(', ')}
              />
            </View>
          ))}
        </View>
      )}
      {ranked.length > SHOWN && (
        <Button look="quiet" label={isAll ? words.fewer : words.all(ranked.length)} onPress={() => setAll(!isAll)} />
      )}
      {isAll && leftOut.length > 0 && (
        <TitledList small title={words.nearButNotOffered} style={styles.out}>
          {leftOut.slice(0, SHOWN * 2).map(({ variationId, why }) => (
            <Txt key={variationId} kind="small">
              {getVariation(catalogue, variationId).name}: {formatWhyNot(why)}
            </Txt>
          ))}
        </TitledList>
      )}
    </Card>
  );
};

const styles = StyleSheet.create({ out: { gap: SPACE.xs } });
