import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { isModelled, LEVEL_DEPTH } from '@drubo/core';
import { findVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { formatLeverValue, LEVER_WORDS } from '@drubo/words/movement-words';
import type { LeverId, LeverValue, LeverValues } from '@drubo/core/vocabulary';
import { inSentence } from '@drubo/words/explain';
import { ResistanceChart } from '../../charts/ResistanceChart';
import { useCatalogue } from '../../data/use-catalogue';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { FormField } from '../../ui/FormField';
import { Row, Wrap } from '../../ui/layout';
import { lengthUnit } from '../../ui/measure';
import { Stepper } from '../../ui/Stepper';
import { Heading, Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useStudio } from '../../data/StudioContext';
import { ANKLE_RANGE, bodyOf, compareResolver, compareSchema, FEMUR_RANGE, firstForm, segmentsOf, STEPS } from './compare-state';
import type { Build, CompareForm, CompareInput } from './compare-state';
import { CompareSide } from './CompareSide';
import { LeverPanel } from '../../parts/moves/LeverPanel';
import { PickMove } from './PickMove';
import { useSweeps } from './use-sweeps';
import { common } from '@drubo/words/screens/common';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.compareScreen;

const LEVEL_STEP = Math.round(LEVEL_DEPTH * (STEPS - 1));

/** Two movements, or one at two settings, at the same depth on the same body. A model, and says so. */
export const CompareScreen = ({ left, rightId }: { left: Variation; rightId: string }) => {
  const catalogue = useCatalogue();
  const right = findVariation(catalogue, rightId);
  const isFit = isModelled(left.figure) && right !== undefined && isModelled(right.figure);
  return (
    <Screen title={words.compare} beside={words.sideBySideFrom} back={`/moves/${left.id}`}>
      {isFit && right ? (
        <Comparison left={left} right={right} />
      ) : (
        <Card edge="saffron">
          <Txt>{words.thePostureModelCovers(left.name)}</Txt>
          <PickMove label={words.pickAMovement} left={left} />
        </Card>
      )}
    </Screen>
  );
};

const withSettings = (variation: Variation, values: LeverValues): string =>
  [
    variation.name,
    ...(Object.entries(values) as [LeverId, LeverValue][]).map(([lever, value]) => {
      const unit = variation.levers.find((scale) => scale.lever === lever)?.unit ?? null;
      return `${inSentence(LEVER_WORDS[lever].label)} ${formatLeverValue(lever, value, unit)}`;
    }),
  ].join(', ');

const Comparison = ({ left, right }: { left: Variation; right: Variation }) => {
  const { unit } = useStudio();
  const router = useRouter();
  const [build, setBuild] = useState<Build>({ femurPercent: 0, ankleDeg: 35 });
  const [stepAt, setStepAt] = useState(LEVEL_STEP);
  const [leftValues, setLeftValues] = useState<LeverValues>({});
  const [rightValues, setRightValues] = useState<LeverValues>(firstOf(left, right));
  const [rightFor, setRightFor] = useState(right.id);
  // Another movement has other settings; body, load and depth stay.
  if (rightFor !== right.id) {
    setRightFor(right.id);
    setRightValues(firstOf(left, right));
  }
  const { control } = useForm({ resolver: compareResolver(unit), defaultValues: firstForm(unit), mode: 'onChange' });
  const input = useLastValid(useWatch({ control }) as CompareForm);
  const body = useMemo(() => bodyOf(input, build), [input, build]);
  const segments = useMemo(() => segmentsOf(build), [build]);
  const question = (variation: Variation, values: LeverValues) => ({
    body,
    source: variation.figure,
    loadKg: input.loadKg,
    values,
    band: input.band,
    steps: STEPS,
  });
  const sweeps = useSweeps([question(left, leftValues), question(right, rightValues)]);
  const depth = stepAt / (STEPS - 1);
  const moment = useMemo(() => ({ body, depth, loadKg: input.loadKg }), [body, depth, input.loadKg]);
  const answers = sweeps.status === 'done' ? sweeps.answers : [];
  const sides = [
    { variation: left, values: leftValues, name: withSettings(left, leftValues) },
    { variation: right, values: rightValues, name: withSettings(right, rightValues) },
  ] as const;
  return (
    <>
      <Card>
        <Row gap="m" align="stretch">
          {sides.map(({ variation, values, name }, at) => (
            <CompareSide
              key={at}
              label={name}
              variation={variation}
              values={values}
              segments={segments}
              moment={moment}
              step={answers[at]?.[stepAt]}
              unit={unit}
            />
          ))}
        </Row>
        <Wrap gap="s">
          <Stepper
            label={words.depth}
            value={depthWords(stepAt)}
            onDown={stepAt > 0 ? () => setStepAt(stepAt - 2) : null}
            onUp={stepAt < STEPS - 1 ? () => setStepAt(stepAt + 2) : null}
          />
        </Wrap>
        {sweeps.status === 'failed' && (
          <Txt tone="clay" role="alert">
            {sweeps.message}
          </Txt>
        )}
        <Txt kind="small" tone="quiet">
          {words.aModelNotA}
        </Txt>
      </Card>
      <Card>
        <Heading>{words.thisBody}</Heading>
        <Wrap gap="s">
          <View style={styles.field}>
            <FormField control={control} name="height" label={words.height} unit={lengthUnit(unit)} inputMode="decimal" />
          </View>
          <View style={styles.wide}>
            <FormField control={control} name="mass" label={words.bodyMass} unit={unit} inputMode="decimal" />
          </View>
          <View style={styles.field}>
            <FormField control={control} name="load" label={common.load} unit={unit} inputMode="decimal" />
          </View>
        </Wrap>
        <Wrap gap="s">
          <Stepper
            label={words.thighLength}
            value={build.femurPercent === 0 ? words.usual : `${build.femurPercent > 0 ? '+' : ''}${build.femurPercent} %`}
            onDown={
              build.femurPercent > FEMUR_RANGE.least
                ? () => setBuild({ ...build, femurPercent: build.femurPercent - FEMUR_RANGE.step })
                : null
            }
            onUp={
              build.femurPercent < FEMUR_RANGE.most
                ? () => setBuild({ ...build, femurPercent: build.femurPercent + FEMUR_RANGE.step })
                : null
            }
          />
          <Stepper
            label={words.ankleRange}
            value={`${build.ankleDeg}°`}
            onDown={
              build.ankleDeg > ANKLE_RANGE.least
                ? () => setBuild({ ...build, ankleDeg: build.ankleDeg - ANKLE_RANGE.step })
                : null
            }
            onUp={
              build.ankleDeg < ANKLE_RANGE.most ? () => setBuild({ ...build, ankleDeg: build.ankleDeg + ANKLE_RANGE.step }) : null
            }
          />
        </Wrap>
      </Card>
      <Card>
        <Heading>{words.howHardAlongThe}</Heading>
        {answers.length === 2 ? (
          <ResistanceChart
            depth={depth}
            curves={sides.map(({ name }, at) => ({ name, steps: answers[at] ?? [], dashed: at === 1 }))}
          />
        ) : (
          <Txt tone="quiet">{words.workingItOut}</Txt>
        )}
        <Txt kind="small" tone="quiet">
          {words.aBandThatIs}
        </Txt>
        <Wrap gap="s">
          <View style={styles.half}>
            <FormField control={control} name="bandShort" label={words.length1} unit={lengthUnit(unit)} inputMode="decimal" />
          </View>
          <View style={styles.half}>
            <FormField control={control} name="bandShortPull" label={words.pull1} unit={unit} inputMode="decimal" />
          </View>
          <View style={styles.half}>
            <FormField control={control} name="bandLong" label={words.length2} unit={lengthUnit(unit)} inputMode="decimal" />
          </View>
          <View style={styles.half}>
            <FormField control={control} name="bandLongPull" label={words.pull2} unit={unit} inputMode="decimal" />
          </View>
        </Wrap>
      </Card>
      <Card>
        <LeverPanel title={words.settingsLeft(left.name)} variation={left} values={leftValues} onChange={setLeftValues} />
      </Card>
      <Card>
        <LeverPanel title={words.settingsRight(right.name)} variation={right} values={rightValues} onChange={setRightValues} />
      </Card>
      <Wrap gap="s">
        <PickMove label={words.compareWithAnother} left={left} />
        {right.id !== left.id && (
          <Button label={words.sameMovementOtherSettings} onPress={() => router.setParams({ with: left.id })} />
        )}
      </Wrap>
    </>
  );
};

/** How the right side begins: as usual, or, beside itself, with raised heels where it has them. */
const firstOf = (left: Variation, right: Variation): LeverValues =>
  left.id === right.id && right.levers.some(({ lever }) => lever === 'heel-lift') ? { 'heel-lift': 25 } : {};

/** The last input that could be used: what is typed half-way changes nothing. */
const useLastValid = (form: CompareForm): CompareInput => {
  const { unit } = useStudio();
  const parsed = compareSchema(unit).safeParse(form);
  const [last, setLast] = useState<CompareInput>(() => compareSchema(unit).parse(firstForm(unit)));
  if (parsed.success && JSON.stringify(parsed.data) !== JSON.stringify(last)) setLast(parsed.data);
  return last;
};

/** Where the thigh of a squat is at this step. */
const depthWords = (stepAt: number): string => {
  if (stepAt === LEVEL_STEP) return words.level;
  const deg = Math.abs(Math.round(((stepAt - LEVEL_STEP) / (STEPS - 1)) * 60));
  return `${deg}° ${stepAt < LEVEL_STEP ? words.above : words.below}`;
};

const styles = StyleSheet.create({
  field: { flexGrow: 1, flexBasis: 100, minWidth: 100 },
  wide: { flexGrow: 1, flexBasis: 172, minWidth: 172 },
  half: { flexGrow: 1, flexBasis: 140, minWidth: 140 },
});
