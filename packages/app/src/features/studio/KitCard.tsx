import { StyleSheet, View } from 'react-native';
import type { KitDto } from '@drubo/contracts';
import { fromKg, loadsFor } from '@drubo/core';
import type { KitPiece, Load } from '@drubo/core';
import { formatMass, formatNumber, POSITION_LABELS } from '@drubo/core/explain';
import { LOAD_POSITIONS, PIECE_TYPES } from '@drubo/core/vocabulary';
import type { LoadPosition, PieceType } from '@drubo/core/vocabulary';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Card } from '../../ui/Card';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../shell/StudioContext';

const TYPE_LABELS: Record<PieceType, string> = {
  dumbbell: 'Dumbbells',
  kettlebell: 'Kettlebells',
  bar: 'Bars',
  'trap-bar': 'Trap bars',
  plate: 'Plates',
  'home-weight': 'Weights at home',
  machine: 'Machines',
};
/** Loads of one way of carrying shown before the rest folds away; bars make a hundred. */
const SHOWN = 24;

/** Sizes of one type with how many there are, by unit as labelled. */
const sizesOf = (pieces: readonly KitPiece[], type: PieceType): { owned: number; sizes: string }[] => {
  const groups = new Map<string, KitPiece[]>();
  for (const piece of pieces.filter((candidate) => candidate.type === type && candidate.owned > 0)) {
    const key = `${piece.owned} ${piece.unit}`;
    groups.set(key, [...(groups.get(key) ?? []), piece]);
  }
  return [...groups.values()].map((group) => ({
    owned: group[0]?.owned ?? 0,
    sizes: `${group.map(({ value }) => formatNumber(value, 2)).join(', ')} ${group[0]?.unit ?? ''}`,
  }));
};

/** Ways of carrying that take the same loads, told once. */
const stripsOf = (kit: KitDto): { positions: LoadPosition[]; loads: Load[] }[] => {
  const strips = new Map<string, { positions: LoadPosition[]; loads: Load[] }>();
  for (const position of LOAD_POSITIONS) {
    const loads = position === 'none' ? [] : loadsFor(kit, position, { unloadedToo: false });
    if (loads.length === 0) continue;
    const key = loads.map(({ externalKg }) => externalKg).join();
    strips.set(key, { positions: [...(strips.get(key)?.positions ?? []), position], loads });
  }
  return [...strips.values()];
};

/** What is in the room, and every load it makes for each way of carrying. */
export const KitCard = ({ kit }: { kit: KitDto }) => {
  const palette = usePalette();
  const { unit } = useStudio();
  return (
    <Card>
      <Heading>Kit · {kit.name}</Heading>
      {PIECE_TYPES.filter((type) => sizesOf(kit.pieces, type).length > 0).map((type) => (
        <View key={type}>
          <Txt kind="label">{TYPE_LABELS[type]}</Txt>
          {sizesOf(kit.pieces, type).map(({ owned, sizes }) => (
            <Txt key={sizes} kind="small" tone="quiet">
              {owned === 1 ? 'One each' : `${owned} of each`}: {sizes}
            </Txt>
          ))}
        </View>
      ))}
      <Heading level={3} kind="label">
        Loads it makes, in {unit}
      </Heading>
      {stripsOf(kit).map(({ positions, loads }) => (
        <View key={positions.join()} style={styles.strip}>
          <Txt kind="small">{positions.map((position) => POSITION_LABELS[position]).join(', ')}</Txt>
          <View style={styles.loads}>
            {loads.slice(0, SHOWN).map((load) => (
              <View key={load.externalKg} style={[styles.load, { borderColor: palette.hairline }]}>
                <Txt kind="small">{formatNumber(fromKg(load.externalKg, unit), 2)}</Txt>
              </View>
            ))}
          </View>
          {loads.length > SHOWN && (
            <Txt kind="small" tone="quiet">
              and {loads.length - SHOWN} more, to {formatMass(loads.at(-1)?.externalKg ?? 0, unit)}
            </Txt>
          )}
        </View>
      ))}
    </Card>
  );
};

const styles = StyleSheet.create({
  strip: { gap: SPACE.xs },
  loads: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.xs },
  load: { borderWidth: 1, borderRadius: RADIUS / 2, paddingHorizontal: SPACE.s, paddingVertical: 2 },
});
