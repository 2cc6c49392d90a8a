import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { GOAL_DOSES, formatTempo, isModelled } from '@drubo/core';
import { positionOf } from '@drubo/core/dose';
import { findVariation } from '@drubo/core/catalogue';
import { rungsOf, setUpSteps } from '@drubo/core/knowledge';
import type { Variation } from '@drubo/core/catalogue';
import { explainBasis, FAMILY_LABELS, POSITION_LABELS, STANCE_LABELS } from '@drubo/words/explain';
import { isPerSide } from '@drubo/core/vocabulary';
import type { LeverValues } from '@drubo/core/vocabulary';
import { EmphasisMap } from '../../charts/EmphasisMap';
import { MovingFigure } from '../../figures/MovingFigure';
import { useCatalogue } from '../../data/use-catalogue';
import { BREAKPOINTS } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row, Stack } from '../../ui/layout';
import { Empty } from '../../ui/states';
import { TitledList } from '../../ui/TitledList';
import { Heading, Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useWide } from '../../frame/use-wide';
import { CompareScreen } from './CompareScreen';
import { FaultList } from './FaultList';
import { LeverPanel } from '../../parts/moves/LeverPanel';
import { SetUpList } from '../../parts/moves/SetUpList';
import { LimitList } from './LimitList';
import { OneNotch, OnTheLadder } from './Neighbours';
import { OwnActions } from './OwnActions';
import { StandInList } from './StandInList';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.moveScreen;

const FIGURE_HEIGHT = 200;

/** One movement: moving, its settings, its place on the ladder, what it trains, faults, cautions, stand-ins. */
export const MoveScreen = () => {
  const { variationId, rung, with: other } = useLocalSearchParams<{ variationId: string; rung?: string; with?: string }>();
  const catalogue = useCatalogue();
  const { width } = useWide();
  const variation = findVariation(catalogue, variationId);
  if (!variation) {
    return (
      <Screen title={words.notInTheCatalogue} back="/moves">
        <Empty title={words.thereIsNoSuch} text={words.itMayBeAnother} />
      </Screen>
    );
  }
  if (!other) return <MovePage key={`${variation.id}-${rung ?? ''}`} variation={variation} rungId={rung} />;
  if (width < BREAKPOINTS.panes) return <CompareScreen key={variation.id} left={variation} rightId={other} />;
  return (
    <Row align="stretch" style={styles.panes}>
      <View style={styles.pane}>
        <MovePage key={`${variation.id}-${rung ?? ''}`} variation={variation} rungId={rung} />
      </View>
      <View style={styles.pane}>
        <CompareScreen key={variation.id} left={variation} rightId={other} />
      </View>
    </Row>
  );
};

const MovePage = ({ variation, rungId }: { variation: Variation; rungId: string | undefined }) => {
  const router = useRouter();
  const catalogue = useCatalogue();
  const onRung = rungsOf(variation.id).find(({ rung }) => rung.id === rungId);
  const [values, setValues] = useState<LeverValues>(onRung?.rung.values ?? {});
  const nearest = catalogue.variations.find(
    (v) => v.id !== variation.id && v.family === variation.family && isModelled(v.figure) && !v.custom?.retired,
  );
  return (
    <Screen
      title={variation.name}
      beside={[FAMILY_LABELS[variation.family], STANCE_LABELS[variation.stance], ...variation.aliases.slice(0, 2)].join(' · ')}
      back="/moves"
    >
      <Card>
        <Moving variation={variation} values={values} />
        <LeverPanel variation={variation} values={values} onChange={setValues} />
      </Card>
      {isModelled(variation.figure) && nearest && (
        <Button
          icon="forward"
          label={words.comparePostures}
          says={words.compareTwoPosturesSide}
          onPress={() => router.push(`/moves/${variation.id}?with=${variation.siblings[0]?.variationId ?? nearest.id}`)}
        />
      )}
      <OnTheLadder variation={variation} rungId={rungId} catalogue={catalogue} />
      <Card>
        <Heading>{words.trains}</Heading>
        <EmphasisMap emphasis={variation.emphasis} family={variation.family} />
      </Card>
      <SettingUp variation={variation} values={values} />
      <Card>
        <Lines title={words.cues} lines={variation.cues} />
        <Lines title={words.cautions} lines={variation.cautions} />
      </Card>
      <FaultList variation={variation} catalogue={catalogue} />
      <OneNotch variation={variation} values={values} catalogue={catalogue} />
      <LimitList variation={variation} catalogue={catalogue} />
      <StandInList variation={variation} catalogue={catalogue} />
      <OwnActions variation={variation} />
    </Screen>
  );
};

/** How its load is got into place and put back, where it is held at these settings. */
const SettingUp = ({ variation, values }: { variation: Variation; values: LeverValues }) => {
  const steps = setUpSteps(variation, positionOf(variation, values));
  if (steps.length === 0) return null;
  return (
    <Card>
      <Heading>{words.settingUp}</Heading>
      <SetUpList steps={steps} variation={variation} position={positionOf(variation, values)} />
    </Card>
  );
};

const Moving = ({ variation, values }: { variation: Variation; values: LeverValues }) => {
  const [width, setWidth] = useState(0);
  const tempo = variation.tempo ?? GOAL_DOSES['build-muscle'].tempo;
  const reps = variation.repRange ?? GOAL_DOSES['build-muscle'].reps;
  const side = isPerSide(variation.stance) ? words.aSide : '';
  const usual = variation.seconds
    ? words.s(variation.seconds.low, variation.seconds.high, side)
    : words.repsAtS(reps.low, reps.high, side, formatTempo(tempo));
  const held = variation.loadPositions.map((position) => POSITION_LABELS[position]).join(', ');
  return (
    <Stack gap="s" onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <MovingFigure variation={variation} tempo={tempo} reps={reps.high} width={width} height={FIGURE_HEIGHT} values={values} />
      )}
      <Txt kind="small" tone="quiet">
        {words.usuallySource(usual, held, variation.unloadedAllowed, variation.loadPositions[0], explainBasis(variation.basis))}
      </Txt>
    </Stack>
  );
};

const Lines = ({ title, lines }: { title: string; lines: readonly string[] }) => (
  <TitledList title={title}>
    {lines.map((line) => (
      <Txt key={line}>{line}</Txt>
    ))}
  </TitledList>
);

const styles = StyleSheet.create({
  panes: { flex: 1 },
  pane: { flex: 1 },
});
