import { StyleSheet } from 'react-native';
import type { ModelMoment, Segments, SweepStep } from '@drubo/core';
import type { Variation } from '@drubo/core/catalogue';
import type { LeverValues, MassUnit } from '@drubo/core/vocabulary';
import { Figure } from '../../figures/Figure';
import { Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { PoseFacts } from './PoseFacts';

const FIGURE = { width: 150, height: 150 } as const;

/** One half of a comparison: the body in the position, and what the model says of it. */
export const CompareSide = ({
  label,
  variation,
  values,
  segments,
  moment,
  step,
  unit,
}: {
  label: string;
  variation: Variation;
  values: LeverValues;
  segments: Segments;
  moment: ModelMoment;
  step: SweepStep | undefined;
  unit: MassUnit;
}) => {
  // Split squats and bridges are drawn along their own way; the others where the model puts this body.
  const isPosed = ['squat', 'hinge', 'pull'].includes(variation.figure.maker);
  return (
    <Stack gap="xs" style={styles.side} role="group" aria-label={label}>
      <Txt kind="label" style={styles.label}>
        {label}
      </Txt>
      <Figure
        variation={variation}
        values={values}
        segments={segments}
        moment={isPosed ? moment : undefined}
        depth={isPosed ? 1 : moment.depth}
        {...FIGURE}
      />
      {step && <PoseFacts name={variation.name} pose={step.pose} body={moment.body} loadKg={moment.loadKg} unit={unit} />}
    </Stack>
  );
};

const styles = StyleSheet.create({
  side: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  // Two lines, so that both floors are level.
  label: { minHeight: 40 },
});
