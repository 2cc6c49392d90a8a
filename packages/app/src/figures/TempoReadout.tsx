import { StyleSheet, View } from 'react-native';
import { partSeconds } from '@drubo/core';
import type { TempoMoment } from '@drubo/core';
import type { Tempo } from '@drubo/core/vocabulary';
import { SPACE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Txt } from '../ui/Txt';
import { PHASE_ORDER, PHASE_WORDS } from './phase-words';

/** The count in big figures, the phase in words, the four tempo numbers with the running one underlined. */
export const TempoReadout = ({
  tempo,
  moment,
  reps,
  compact,
}: {
  tempo: Tempo;
  moment: TempoMoment;
  reps: number;
  compact: boolean;
}) => {
  const palette = usePalette();
  return (
    <View
      style={styles.box}
      role="img"
      aria-label={`Tempo: ${PHASE_ORDER.map((phase) => `${PHASE_WORDS[phase]} ${partSeconds(tempo[phase])} s`).join(', ')}`}
    >
      <View style={styles.count}>
        <Txt kind="count" style={compact ? styles.smaller : undefined}>
          {moment.second}
        </Txt>
      </View>
      <Txt kind="number" tone="moss">
        {PHASE_WORDS[moment.phase]}
      </Txt>
      <View style={styles.parts}>
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
      </View>
      <Txt kind="small" tone="quiet">
        {moment.rep <= reps ? `rep ${moment.rep} of ${reps}` : `${reps} reps counted`}
      </Txt>
    </View>
  );
};

const styles = StyleSheet.create({
  box: { alignItems: 'flex-end' },
  count: { flexDirection: 'row', alignItems: 'baseline' },
  smaller: { fontSize: 48, lineHeight: 50 },
  parts: { flexDirection: 'row', gap: SPACE.s, marginTop: SPACE.xs },
  part: { borderBottomWidth: 3, minWidth: 18, alignItems: 'center' },
});
