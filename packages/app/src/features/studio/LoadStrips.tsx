import { StyleSheet, View } from 'react-native';
import { bigJumps, fromKg, loadsFor } from '@drubo/core';
import type { Kit, Load } from '@drubo/core';
import { formatMass, formatNumber, POSITION_LABELS } from '@drubo/words/explain';
import { LOAD_POSITIONS } from '@drubo/core/vocabulary';
import type { LoadPosition, MassUnit } from '@drubo/core/vocabulary';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Stack, Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { studioWords } from '@drubo/words/screens/studio';

const said = studioWords.loadStrips;

/** Loads of one way of carrying shown before the rest folds away; bars make a hundred. */
const SHOWN = 24;
/** Big steps named before the rest is counted. */
const JUMPS = 4;

/** Ways of carrying that take the same loads, told once. */
const stripsOf = (kit: Kit): { positions: LoadPosition[]; loads: readonly Load[] }[] => {
  const strips = new Map<string, { positions: LoadPosition[]; loads: readonly Load[] }>();
  for (const position of LOAD_POSITIONS) {
    const loads = position === 'none' ? [] : loadsFor(kit, position, { unloadedToo: false });
    if (loads.length === 0) continue;
    const key = loads.map(({ externalKg }) => externalKg).join();
    strips.set(key, { positions: [...(strips.get(key)?.positions ?? []), position], loads });
  }
  return [...strips.values()];
};

/** Every load a kit makes for each way of carrying, and the steps of it that are too big to take at once. */
export const LoadStrips = ({ kit }: { kit: Kit }) => {
  const palette = usePalette();
  const { unit } = useStudio();
  return (
    <>
      <Heading level={3} kind="label">
        {said.loadsItMakesIn(unit)}
      </Heading>
      {stripsOf(kit).map(({ positions, loads }) => (
        <Stack key={positions.join()} gap="xs">
          <Txt kind="small">{positions.map((position) => POSITION_LABELS[position]).join(', ')}</Txt>
          <Wrap gap="xs">
            {loads.slice(0, SHOWN).map((load) => (
              <View key={load.externalKg} style={[styles.load, { borderColor: palette.hairline }]}>
                <Txt kind="small">{formatNumber(fromKg(load.externalKg, unit), 2)}</Txt>
              </View>
            ))}
          </Wrap>
          {loads.length > SHOWN && (
            <Txt kind="small" tone="quiet">
              {said.andMoreTo(loads.length - SHOWN, formatMass(loads.at(-1)?.externalKg ?? 0, unit))}
            </Txt>
          )}
          <Jumps loads={loads} unit={unit} />
        </Stack>
      ))}
    </>
  );
};

const Jumps = ({ loads, unit }: { loads: readonly Load[]; unit: MassUnit }) => {
  const jumps = bigJumps(loads);
  if (jumps.length === 0) return null;
  const words = jumps
    .slice(-JUMPS)
    .map(({ fromKg: from, toKg: to, percent }) => `${formatMass(from, unit)} → ${formatMass(to, unit)}, ${percent} %`);
  return (
    <Txt kind="small" tone="saffron">
      {said.bigStepsMoreThan(words.join(' · '), jumps.length > JUMPS ? said.andLighterOnes(jumps.length - JUMPS) : '')}
    </Txt>
  );
};

const styles = StyleSheet.create({
  load: { borderWidth: 1, borderRadius: RADIUS / 2, paddingHorizontal: SPACE.s, paddingVertical: 2 },
});
