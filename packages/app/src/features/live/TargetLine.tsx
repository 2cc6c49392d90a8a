import { StyleSheet, View } from 'react-native';
import type { SetRecordDto } from '@drubo/contracts';
import { asksReserve, barSetup, isHardKind, repsTop } from '@drubo/core';
import type { Kit, SetSlot } from '@drubo/core';
import { formatLoad, formatReps, formatSide, SIDE_LABELS } from '@drubo/words/explain';
import { isPerSide } from '@drubo/core/vocabulary';
import { Plates } from '../../charts/Plates';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { WhyLoad } from '../../parts/sheet/WhyLoad';
import { setName } from '../../parts/sheet/set-name';
import type { Live } from './use-live';
import type { Exercise } from './floor';
import { SetUpButton } from './SetUpButton';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.targetLine;

/** What is asked of this set: which one, which leg, reps, load with its plates, reserve, and why that load. */
export const TargetLine = ({
  exercise,
  slot,
  amended,
  live,
  kit,
}: {
  exercise: Exercise;
  slot: SetSlot | undefined;
  amended: SetRecordDto | null;
  live: Pick<Live, 'advice' | 'asked'>;
  kit: Kit;
}) => {
  const { item, variation } = exercise;
  const { dose } = item;
  const { asked } = live;
  const load = asked?.load ?? dose.load;
  // A feeler, a ramp set or a drop is asked to be what it is; the range is for the work sets.
  const isFeeler = slot !== undefined && !isHardKind(slot.kind);
  const ofKind = exercise.rows.filter((row) => row.slot.kind === slot?.kind).map((row) => row.slot.setIndex);
  const count = Math.max(slot?.setIndex ?? 0, ...ofKind) + 1;
  const where = slot
    ? `${amended ? words.changing : ''}${setName(slot)}${slot.kind === 'drop' ? '' : words.of(count)}${slot.side === 'both' ? '' : ` · ${SIDE_LABELS[slot.side]}`}`
    : words.allSetsLogged;
  const range = formatReps(dose);
  const isTimed = dose.seconds !== undefined;
  const reps = isTimed || isFeeler || !asked ? range : asked.reps === repsTop(dose) ? range : words.ofWithReps(asked.reps, range);
  const setup = barSetup(kit, load, exercise.done.at(-1) ?? null);
  return (
    <Row gap="s">
      <View style={styles.text}>
        <Row gap="s">
          <FamilyGlyph family={variation.family} />
          <Heading level={2} style={styles.shrink} numberOfLines={item.lastTime ? 1 : 2}>
            {variation.name}
          </Heading>
        </Row>
        <Txt kind="label" tone={amended ? 'saffron' : 'moss'}>
          {where}
        </Txt>
        <Txt kind="label">
          {isFeeler ? asked?.reps : reps}
          {isTimed ? '' : words.reps}
          {isPerSide(variation.stance) ? words.aSide : ''} · {formatLoad(load)}
          {isFeeler || !asksReserve(dose, exercise.role) ? '' : words.inReserve(dose.reserve)}
        </Txt>
        {setup && (
          <Row gap="s">
            <Plates setup={setup} />
            <Txt kind="small" style={styles.shrink}>
              {formatSide(setup.side)}
              {setup.changes && setup.changes.off + setup.changes.on > 0
                ? words.offOnASide(setup.changes.off, setup.changes.on)
                : ''}
            </Txt>
          </Row>
        )}
      </View>
      <SetUpButton exercise={exercise} />
      <WhyLoad variation={variation} item={item} reasons={live.advice?.reasons.length ? live.advice.reasons : item.why.load} />
    </Row>
  );
};

const styles = StyleSheet.create({
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  shrink: { flexShrink: 1 },
});
