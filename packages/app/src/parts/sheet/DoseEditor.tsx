import { StyleSheet } from 'react-native';
import { asksReserve, repsTop, secondsPerRep } from '@drubo/core';
import type { Dose, DoseField, DoseWhy, Load } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import { counted, formatLoad, formatRest, inSentence } from '@drubo/words/explain';
import { isPerSide } from '@drubo/core/vocabulary';
import type { Role } from '@drubo/core/vocabulary';
import { stepDose, stepTempo } from '@drubo/core/sheet-editing';
import type { Stepped } from '@drubo/core/sheet-editing';
import { PHASE_ORDER, PHASE_WORDS } from '../../figures/phase-words';
import { Row, Stack } from '../../ui/layout';
import { Stepper } from '../../ui/Stepper';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';

interface Props {
  dose: Dose;
  variation: Variation;
  /** Every load the kit makes for it, lightest first. */
  loads: readonly Load[];
  onChange(dose: Dose): void;
  /** The stretch of the session it stands in. */
  role: Role;
  /** Reasons behind the proposed numbers, where there are any. */
  why?: DoseWhy;
}

/** Every number of a dose, each a stepper with its unit and its why. */
export const DoseEditor = ({ dose, variation, loads, role, onChange, why }: Props) => {
  const step = (field: Stepped, by: 1 | -1) => {
    const next = stepDose(dose, field, by, loads);
    return next && (() => onChange(next));
  };
  const row = (label: string, field: Stepped, value: string, reasons?: DoseField) => (
    <Row gap="xs" align="end">
      <Stepper label={label} value={value} onDown={step(field, -1)} onUp={step(field, 1)} />
      {why && reasons ? <WhyDot about={inSentence(label)} reasons={why[reasons]} /> : null}
    </Row>
  );
  const isTimed = dose.seconds !== undefined;
  const aSide = isPerSide(variation.stance) ? ' a side' : '';
  return (
    <Stack gap="m">
      {row('Load', 'load', formatLoad(dose.load), 'load')}
      {row('Sets', 'sets', counted(dose.sets, 'set'), 'sets')}
      {isTimed ? (
        row(`Seconds${aSide}`, 'seconds', `${dose.seconds} s`, 'reps')
      ) : (
        <>
          {row(`Reps from${aSide}`, 'repsLow', `${dose.repsLow} reps`, 'reps')}
          {dose.repsAim !== undefined && (
            <Txt kind="small" tone="quiet">
              Aim {dose.repsAim} reps{aSide}, from the sets so far
            </Txt>
          )}
          {row(`Reps to${aSide}`, 'repsHigh', `${repsTop(dose)} reps`, 'reps')}
        </>
      )}
      {asksReserve(dose, role) && row('Reserve target', 'reserve', `${dose.reserve} in reserve`, 'reserve')}
      {row('Rest', 'rest', `${formatRest(dose.restSeconds)} min`, 'rest')}
      {!isTimed && (
        <Stack gap="xs">
          <Row gap="xs" align="end">
            <Txt kind="small" tone="quiet" style={styles.grow}>
              Tempo · {secondsPerRep(dose.tempo)} s a rep (x is fast, counted 1 s)
            </Txt>
            {why ? <WhyDot about="tempo" reasons={why.tempo} /> : null}
          </Row>
          {PHASE_ORDER.map((phase) => {
            const to = (by: 1 | -1) => {
              const tempo = stepTempo(dose.tempo, phase, by);
              return tempo && (() => onChange({ ...dose, tempo }));
            };
            const part = dose.tempo[phase];
            return (
              <Row key={phase} gap="xs" align="end">
                <Stepper
                  label={PHASE_WORDS[phase]}
                  value={part === 'x' ? `${PHASE_WORDS[phase]} x` : `${PHASE_WORDS[phase]} ${part} s`}
                  onDown={to(-1)}
                  onUp={to(1)}
                  hideLabel
                />
              </Row>
            );
          })}
        </Stack>
      )}
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, alignSelf: 'center' },
});
