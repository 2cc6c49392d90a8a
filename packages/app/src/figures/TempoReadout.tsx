import { StyleSheet, View } from 'react-native';
import { partSeconds } from '@drubo/core';
import type { TempoMoment } from '@drubo/core';
import type { Tempo } from '@drubo/core/vocabulary';
import { SPACE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Row } from '../ui/layout';
import { Txt } from '../ui/Txt';
import { PHASE_ORDER, PHASE_WORDS } from './phase-words';
import { figuresWords } from '@drubo/words/screens/figures';

const words = figuresWords.tempoReadout;

const countOf = (rep: number, reps: number | null): string => {
  if (reps === null) return words.rep(rep);
  return rep <= reps ? words.repOf(rep, reps) : words.repsCounted(reps);
};

/** The count in big figures, the phase in words, the four tempo numbers with the running one underlined. */
export const TempoReadout = ({
  tempo,
  moment,
  reps,
  size,
}: {
  tempo: Tempo;
  moment: TempoMoment;
  /** Null: the set is timed, and nobody counts to a number. */
  reps: number | null;
  /** How much room there is: all of it, a smaller count, count and phase side by side, or nothing but those. */
  size: 'full' | 'compact' | 'tight' | 'least';
}) => {
  const palette = usePalette();
  return (
    <View
      style={styles.box}
      role="img"
      aria-label={words.tempo(PHASE_ORDER.map((phase) => words.s(PHASE_WORDS[phase], partSeconds(tempo[phase]))).join(', '))}
    >
      <View style={size === 'tight' || size === 'least' ? styles.inLine : styles.stacked}>
        <Txt kind="count" style={SIZES[size]}>
          {moment.second}
        </Txt>
        <Txt kind="number" tone="moss">
          {PHASE_WORDS[moment.phase]}
        </Txt>
      </View>
      {size !== 'least' && (
        <Row gap="s" align="stretch" style={styles.parts}>
          {PHASE_ORDER.map((phase) => {
            const isNow = phase === moment.phase;
            return (
              <View key={phase} style={[styles.part, { borderColor: isNow ? palette.moss : palette.hairline }]}>
                <Txt kind="label" tone={isNow ? 'ink' : 'quiet'}>
                  {tempo[phase]}
                </Txt>
              </View>
            );
          })}
        </Row>
      )}
      {size !== 'tight' && size !== 'least' && (
        <Txt kind="small" tone="quiet">
          {countOf(moment.rep, reps)}
        </Txt>
      )}
    </View>
  );
};

const SIZES = {
  full: undefined,
  compact: { fontSize: 48, lineHeight: 50 },
  tight: { fontSize: 34, lineHeight: 36 },
  least: { fontSize: 28, lineHeight: 30 },
} as const;

const styles = StyleSheet.create({
  box: { alignItems: 'flex-end' },
  stacked: { alignItems: 'flex-end' },
  inLine: { flexDirection: 'row', alignItems: 'baseline', gap: SPACE.s },
  parts: { marginTop: SPACE.xs },
  part: { borderBottomWidth: 3, minWidth: 18, alignItems: 'center' },
});
