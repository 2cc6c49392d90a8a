import { StyleSheet, View } from 'react-native';
import { formatNumber, formatPieceTypes, inSentence, KIT_LABELS, STRETCH_HEADINGS } from '@drubo/words/explain';
import { EMPHASES, stretchOf } from '@drubo/core/vocabulary';
import type { Role, SessionShape } from '@drubo/core/vocabulary';
import type { ImplementUse } from '@drubo/core';
import type { Sums } from '@drubo/core/sheet-editing';
import { useState } from 'react';
import { BalanceBeam } from '../../charts/BalanceBeam';
import { EmphasisMap } from '../../charts/EmphasisMap';
import { usePalette } from '../../theme/use-palette';

import { Card } from '../../ui/Card';
import { IconButton } from '../../ui/IconButton';
import { Row, Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { useWide } from '../../frame/use-wide';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.sheetSummary;

/** How strongly each stretch is tinted; the words beside it say which it is. */
const SHADE: Record<Role, number> = { prep: 0.4, main: 1, accessory: 0.65, finisher: 0.85, 'cool-down': 0.4 };
/** No muscles: nothing to draw. */
const QUALITIES = new Set<string>(['balance', 'mobility']);
/** Sets that draw a muscle as thick as it gets. */
const FULL_SETS = 6;

const pieceText = (use: ImplementUse): string =>
  isBar(use.type)
    ? words.bar(formatNumber(use.value), use.unit)
    : `${use.count > 1 ? `${use.count} × ` : ''}${formatNumber(use.value, 2)} ${use.unit} ${formatPieceTypes({ implements: [use] })}`;
const isBar = (type: ImplementUse['type']): boolean => type === 'bar' || type === 'trap-bar';

/** On top of a sheet: minutes by stretch against the budget, balance, sets per muscle, and what to fetch. */
export const SheetSummary = ({ sums, budget, shape }: { sums: Sums; budget: number; shape: SessionShape }) => {
  const palette = usePalette();
  const { isWide } = useWide();
  // Always there where there is room for it.
  const [isOpen, setOpen] = useState(isWide);
  const { minutes, byRole, balance, setsByMuscle, fetch } = sums;
  const isOver = minutes > budget;
  const whole = Math.max(minutes, budget);
  const sum = balance.kneeSets + balance.hipSets;
  const muscles = EMPHASES.filter((id) => !QUALITIES.has(id) && (setsByMuscle[id] ?? 0) >= 0.5);
  const shares = Object.fromEntries(muscles.map((id) => [id, Math.min(1, (setsByMuscle[id] ?? 0) / FULL_SETS)]));
  return (
    <Card>
      <Wrap gap="xs" align="center">
        <Txt kind="number">{minutes}</Txt>
        <Txt style={styles.grow}>{words.ofMin(budget)}</Txt>
        <Txt kind="small" tone={isOver ? 'clay' : 'quiet'}>
          {isOver ? words.minOver(minutes - budget) : words.minSpare(budget - minutes)}
        </Txt>
        <WhyDot about="minutes" reasons={[sums.minutesWhy]} />
      </Wrap>
      <Row aria-hidden align="stretch" style={[styles.track, { backgroundColor: palette.hairline }]}>
        {byRole.map(({ role, minutes: own }) => (
          <View
            key={role}
            style={{
              width: `${(own / whole) * 100}%`,
              height: 8,
              opacity: SHADE[role],
              backgroundColor: isOver ? palette.clay : palette.moss,
              borderRightWidth: 1,
              borderColor: palette.card,
            }}
          />
        ))}
      </Row>
      <Txt kind="small" tone="quiet">
        {byRole.map(({ role, minutes: own }) => words.min(own, inSentence(STRETCH_HEADINGS[stretchOf(role, shape)]))).join(' · ')}
      </Txt>
      <Wrap gap="xs" align="center">
        <View>
          <BalanceBeam
            kneeShare={sum === 0 ? 0.5 : balance.kneeSets / sum}
            width={90}
            says={words.kneeSetHipSet(balance.kneeSets, balance.hipSets)}
          />
        </View>
        <View style={styles.grow}>
          <Txt kind="small">{words.kneeHip(balance.kneeSets, balance.hipSets)}</Txt>
          <Txt kind="small" tone="quiet">
            {words.twoLegsOneLeg(balance.twoLegSets, balance.oneLegSets)}
          </Txt>
        </View>
        <IconButton
          framed
          icon={isOpen ? 'up' : 'down'}
          says={isOpen ? words.hideSetsPerMuscle : words.showSetsPerMuscle}
          onPress={() => setOpen(!isOpen)}
        />
      </Wrap>
      <Txt kind="small">
        {words.toFetch(
          [...fetch.pieces.map((use) => pieceText(use)), ...fetch.things.map((thing) => inSentence(KIT_LABELS[thing]))].join(
            ', ',
          ) || words.nothing,
        )}
      </Txt>
      {isOpen && (
        <>
          <EmphasisMap emphasis={shares} family="calf" size={124} wordsFor={(id) => words.setCount(setsByMuscle[id] ?? 0)} />
          {sums.setsWhy.length > 0 && <WhyDot about={words.setsPerMuscle} label={words.whyTheseSets} reasons={sums.setsWhy} />}
          {muscles.length === 0 && <Txt kind="small">{words.noHardSetsYet}</Txt>}
        </>
      )}
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
  track: { height: 8, borderRadius: 4, overflow: 'hidden' },
});
