import { StyleSheet, View } from 'react-native';
import { asBand, gluteBand, postureReasons, roundSafe } from '@drubo/core';
import type { ModelResult, PostureBody } from '@drubo/core';
import { formatNumber } from '@drubo/words/explain';
import { formatPostureRemedies } from '@drubo/words/movement-words';
import type { MassUnit } from '@drubo/core/vocabulary';
import { BalanceBeam } from '../../charts/BalanceBeam';
import { lengthFromCm, lengthUnit } from '../../ui/measure';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.poseFacts;

const LIMIT_WORDS = {
  ankle: words.theAnklesRunOut,
  'knees-at-toes': words.theKneesMayNot,
  balance: words.nothingBalancesTheHips,
  reach: words.theHandsCantGet,
  stride: words.theStrideIsToo,
  'feet-too-far': words.theFeetAreToo,
} as const;

/** What the model says of one position: numbers with units, or why it can't be held and what would help. */
export const PoseFacts = ({
  name,
  pose,
  body,
  loadKg,
  unit,
}: {
  name: string;
  pose: ModelResult;
  body: PostureBody;
  loadKg: number;
  unit: MassUnit;
}) => {
  if (pose.status === 'infeasible') {
    const ways = pose.remedies ? formatPostureRemedies(roundSafe(pose.remedies)) : [];
    return (
      <View style={styles.facts} aria-live="polite">
        <Txt kind="label" tone="clay">
          {words.cantStayBalancedThis}
        </Txt>
        <Txt kind="small">
          {words.ankle(
            capital(LIMIT_WORDS[pose.limit]),
            formatNumber(body.ankleDeg, 0),
            pose.offBalanceCm === null || Math.abs(pose.offBalanceCm) < 0.5
              ? ''
              : words.tooFarThatIs(lengthText(Math.abs(pose.offBalanceCm), unit), pose.offBalanceCm),
          )}
        </Txt>
        {ways.map((way) => (
          <Txt key={way} kind="small">
            • {way}
          </Txt>
        ))}
      </View>
    );
  }
  const { trunkDeg, kneePastToesCm, kneeShare, gluteShare, lowBackNm } = pose;
  const lowBack = lowBackNm === null ? null : asBand(lowBackNm);
  return (
    <View style={styles.facts} aria-live="polite">
      {gluteShare === null ? (
        <Txt kind="label">{words.lean(Math.round(trunkDeg))}</Txt>
      ) : (
        <Txt kind="label">{words.glutesAndHamstrings[gluteBand(gluteShare)]}</Txt>
      )}
      {kneePastToesCm !== null && (
        <Txt kind="small">{words.kneeTheToes(lengthText(Math.abs(kneePastToesCm), unit), kneePastToesCm)}</Txt>
      )}
      {kneeShare !== null && (
        <>
          <Txt kind="small">{words.kneeHip(Math.round(kneeShare * 100), 100 - Math.round(kneeShare * 100))}</Txt>
          <BalanceBeam kneeShare={kneeShare} width={130} />
        </>
      )}
      {lowBack && <Txt kind="small">{words.lowBackAboutN(lowBack.fromNm, lowBack.toNm)}</Txt>}
      <WhyDot about={words.thePostureOf(name)} label={words.why} reasons={postureReasons(body, loadKg, pose)} />
    </View>
  );
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const lengthText = (cm: number, unit: MassUnit): string => `${formatNumber(lengthFromCm(cm, unit))} ${lengthUnit(unit)}`;

const styles = StyleSheet.create({ facts: { gap: 2 } });
