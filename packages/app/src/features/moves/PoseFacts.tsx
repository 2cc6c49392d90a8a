import { StyleSheet, View } from 'react-native';
import { asBand, postureReasons, roundSafe } from '@drubo/core';
import type { ModelResult, PostureBody } from '@drubo/core';
import { formatNumber } from '@drubo/words/explain';
import { formatPostureRemedies } from '@drubo/words/movement-words';
import type { MassUnit } from '@drubo/core/vocabulary';
import { BalanceBeam } from '../../charts/BalanceBeam';
import { lengthFromCm, lengthUnit } from '../../ui/measure';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';

const LIMIT_WORDS = {
  ankle: 'the ankles run out of range',
  'knees-at-toes': 'the knees may not pass the toes',
  balance: 'nothing balances the hips going back',
  reach: 'the hands can’t get there',
  stride: 'the stride is too long for these legs',
  'feet-too-far': 'the feet are too far away',
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
          Can’t stay balanced this deep
        </Txt>
        <Txt kind="small">
          {capital(LIMIT_WORDS[pose.limit])} ({formatNumber(body.ankleDeg, 0)}° ankle).
          {pose.offBalanceCm === null || Math.abs(pose.offBalanceCm) < 0.5
            ? ''
            : ` ${lengthText(Math.abs(pose.offBalanceCm), unit)} too far ${pose.offBalanceCm < 0 ? 'back' : 'forward'}: that is what falling ${pose.offBalanceCm < 0 ? 'backward, or throwing the chest forward to stop it,' : 'forward'} looks like.`}
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
        <Txt kind="label">{Math.round(trunkDeg)}° lean</Txt>
      ) : (
        <Txt kind="label">{Math.round(gluteShare * 100)} % glutes, the rest hamstrings</Txt>
      )}
      {kneePastToesCm !== null && (
        <Txt kind="small">
          Knee {lengthText(Math.abs(kneePastToesCm), unit)} {kneePastToesCm >= 0 ? 'past' : 'behind'} the toes
        </Txt>
      )}
      {kneeShare !== null && (
        <>
          <Txt kind="small">
            Knee {Math.round(kneeShare * 100)} %, hip {100 - Math.round(kneeShare * 100)} %
          </Txt>
          <BalanceBeam kneeShare={kneeShare} width={130} />
        </>
      )}
      {lowBack && (
        <Txt kind="small">
          Low back about {lowBack.fromNm}–{lowBack.toNm} N·m
        </Txt>
      )}
      <WhyDot about={`the posture of ${name}`} label="why" reasons={postureReasons(body, loadKg, pose)} />
    </View>
  );
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const lengthText = (cm: number, unit: MassUnit): string => `${formatNumber(lengthFromCm(cm, unit))} ${lengthUnit(unit)}`;

const styles = StyleSheet.create({ facts: { gap: 2 } });
