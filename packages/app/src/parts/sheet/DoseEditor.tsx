import { StyleSheet } from 'react-native';
import { asksReserve, repsTop, secondsPerRep } from '@drubo/core';
import type { Dose, DoseField, DoseWhy, Load } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import { formatLoad, formatRest, inSentence } from '@drubo/words/explain';
import { isPerSide } from '@drubo/core/vocabulary';
import type { Role } from '@drubo/core/vocabulary';
import { stepDose, stepTempo } from '@drubo/core/sheet-editing';
import type { Stepped } from '@drubo/core/sheet-editing';
import { PHASE_ORDER, PHASE_WORDS } from '../../figures/phase-words';
import { Row, Stack } from '../../ui/layout';
import { Stepper } from '../../ui/Stepper';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { common } from '@drubo/words/screens/common';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.doseEditor;

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
  const aSide = isPerSide(variation.stance) ? words.aSide : '';
  return (
    <Stack gap="m">
      {row(common.load, 'load', formatLoad(dose.load), 'load')}
      {row(common.sets, 'sets', words.setCount(dose.sets), 'sets')}
      {isTimed ? (
        row(words.seconds(aSide), 'seconds', words.s(dose.seconds), 'reps')
      ) : (
        <>
          {row(words.repsFrom(aSide), 'repsLow', words.reps(dose.repsLow), 'reps')}
          {dose.repsAim !== undefined && (
            <Txt kind="small" tone="quiet">
              {words.aimRepsFromThe(dose.repsAim, aSide)}
            </Txt>
          )}
          {row(words.repsTo(aSide), 'repsHigh', words.repsWithRepsTop(repsTop(dose)), 'reps')}
        </>
      )}
      {asksReserve(dose, role) && row(words.reserveTarget, 'reserve', words.inReserve(dose.reserve), 'reserve')}
      {row(words.rest, 'rest', words.min(formatRest(dose.restSeconds)), 'rest')}
      {!isTimed && (
        <Stack gap="xs">
          <Row gap="xs" align="end">
            <Txt kind="small" tone="quiet" style={styles.grow}>
              {words.tempoSARep(secondsPerRep(dose.tempo))}
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
                  value={part === 'x' ? words.x(PHASE_WORDS[phase]) : words.sWithPhase(PHASE_WORDS[phase], part)}
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
