import { useMemo, useState } from 'react';
import type { SessionRecordFields } from '@drubo/contracts';
import { ENERGY_LABELS, ILLNESS_LABELS, JOINT_LABELS, MORNING_LABELS, MUSCLE_LABELS, SLEEP_LABELS } from '@drubo/words/explain';
import { checkSession, NOT_ASKED } from '@drubo/core/session';
import type { CheckIn } from '@drubo/core/session';
import { ENERGY_VALUES, ILLNESS_VALUES, JOINT_AREAS, MORNING_VALUES, SLEEP_VALUES, SORE_MUSCLES } from '@drubo/core/vocabulary';
import type { Side } from '@drubo/core/vocabulary';
import { factsOf } from '@drubo/core/live';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Row, Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Scale } from '../../ui/Scale';
import { Stepper } from '../../ui/Stepper';
import { Ticks } from '../../ui/Ticks';
import { Heading, Txt } from '../../ui/Txt';
import type { FloorDetail } from './floor';
import { PressureFields } from './PressureFields';
import { ProposalList } from './ProposalList';
import type { Live } from './use-live';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.checkInDialog;

const labelled = <Id extends string>(ids: readonly Id[], labels: Record<Id, string>) =>
  ids.map((value) => ({ value, label: labels[value] }));

const MOST_MINUTES = 120;
const YES_NO = [
  { value: 'yes', label: words.yes },
  { value: 'no', label: words.no },
] as const;
const asYesNo = (value: boolean | null): 'yes' | 'no' | null => (value === null ? null : value ? 'yes' : 'no');

/** Nothing wrong, in one tap: asked, and none. */
const ALL_WELL: Partial<CheckIn> = { illness: 'none', painkillers: false, soreness: [], joints: [] };

/** What a new answer begins with, to be set by the scale under it. */
const FIRST = { level: 3, pain: 2 } as const;

/** Whether the morning after matters: somebody with a limit, or whose last session of any of these had pain in it. */
const asksMorning = ({ sheet }: FloorDetail): boolean =>
  sheet.limits.length > 0 ||
  sheet.items.some(({ past }) => (past.at(-1)?.sets ?? []).some(({ jointPain }) => (jointPain ?? 0) > 0));

/**
 * A few taps before the first set, every one of them optional. What the answers change today is proposed below them as
 * they are given, each with why and a tick; nothing changes unless it is taken.
 */
export const CheckInDialog = ({
  live,
  detail,
  onClose,
}: {
  live: Pick<Live, 'exercises' | 'keepCheckIn'>;
  detail: FloorDetail;
  onClose(): void;
}) => {
  const [answers, setAnswers] = useState<CheckIn>(detail.checkIn ?? NOT_ASKED);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const [isPressureWrong, setPressureWrong] = useState(false);
  const set = (change: Partial<CheckIn>) => setAnswers({ ...answers, ...change });
  const items = useMemo(
    () =>
      live.exercises
        .filter(({ isOpen }) => isOpen)
        .map(({ item, variation, rows }) => ({
          itemId: item.id,
          variation,
          dose: item.dose,
          setsLeft: new Set(rows.filter(({ set: logged }) => !logged).map(({ slot }) => slot.setIndex)).size,
          log: { ...factsOf(detail, item, variation), itemId: item.id, sets: [], bodyMassKg: detail.sheet.fittedTo.massKg },
        })),
    [live.exercises, detail],
  );
  const result = useMemo(() => checkSession(answers, items), [answers, items]);
  const taken = result.proposals.filter(({ id }) => !refused.includes(id));
  const changes = taken.flatMap(({ change }): SessionRecordFields[] => (change ? [change] : []));
  const done = () => {
    void live.keepCheckIn(answers, changes);
    onClose();
  };
  return (
    <Modal
      title={words.checkIn}
      onClose={onClose}
      problem={isPressureWrong ? words.bloodPressureMustBe : null}
      actions={
        <>
          <Button label={words.allWell} says={words.allWellNoIllness} onPress={() => set(ALL_WELL)} />
          <Button
            look="main"
            label={changes.length === 0 ? common.done : words.doneChange(changes.length)}
            disabled={isPressureWrong}
            onPress={done}
          />
        </>
      }
    >
      <Txt kind="small" tone="quiet">
        {words.leaveOutWhatYou}
      </Txt>
      <ProposalList result={result} refused={refused} onRefuse={setRefused} />
      <Joints answers={answers} onChange={set} />
      <Soreness answers={answers} onChange={set} />
      {asksMorning(detail) && (
        <Choices
          label={words.painAfterLastTime}
          options={labelled(MORNING_VALUES, MORNING_LABELS)}
          value={answers.morning}
          onChange={(morning) => set({ morning })}
        />
      )}
      <Choices
        label={words.illness}
        options={labelled(ILLNESS_VALUES, ILLNESS_LABELS)}
        value={answers.illness}
        onChange={(illness) => set({ illness })}
      />
      <Choices
        label={words.painkillersInTheLast}
        options={YES_NO}
        value={asYesNo(answers.painkillers)}
        onChange={(value) => set({ painkillers: value === 'yes' })}
      />
      <Choices
        label={words.sleep}
        options={labelled(SLEEP_VALUES, SLEEP_LABELS)}
        value={answers.sleep}
        onChange={(sleep) => set({ sleep })}
      />
      <Choices
        label={words.energy}
        options={labelled(ENERGY_VALUES, ENERGY_LABELS)}
        value={answers.energy}
        onChange={(energy) => set({ energy })}
      />
      <Choices
        label={words.hardSportElsewhereSince}
        options={YES_NO}
        value={asYesNo(answers.outsideSport)}
        onChange={(value) => set({ outsideSport: value === 'yes' })}
      />
      <Row align="stretch">
        <Stepper
          label={words.minutesThereAreToday}
          value={answers.minutes === null ? `${detail.sheet.minutesBudget}` : String(answers.minutes)}
          note={answers.minutes === null ? words.minAsPlanned : words.min}
          onDown={
            (answers.minutes ?? detail.sheet.minutesBudget) > 10
              ? () => set({ minutes: (answers.minutes ?? detail.sheet.minutesBudget) - 5 })
              : null
          }
          onUp={
            (answers.minutes ?? detail.sheet.minutesBudget) < MOST_MINUTES
              ? () => set({ minutes: (answers.minutes ?? detail.sheet.minutesBudget) + 5 })
              : null
          }
        />
      </Row>
      <PressureFields
        value={answers.pressure}
        onChange={(pressure, isWrong) => {
          setPressureWrong(isWrong);
          set({ pressure });
        }}
      />
    </Modal>
  );
};

type Part = { answers: CheckIn; onChange(change: Partial<CheckIn>): void };

/** Joint or tendon pain, by area and side: asked apart from sore muscles. */
const Joints = ({ answers, onChange }: Part) => {
  const joints = answers.joints ?? [];
  const areas = joints.map(({ area }) => area);
  const change = (area: (typeof areas)[number], to: Partial<(typeof joints)[number]>) =>
    onChange({ joints: joints.map((one) => (one.area === area ? { ...one, ...to } : one)) });
  return (
    <Stack gap="s">
      <Heading level={3}>{words.jointOrTendonPain}</Heading>
      <Ticks
        label={answers.joints === null ? words.notAsked : joints.length === 0 ? words.none : words.where}
        options={labelled(JOINT_AREAS, JOINT_LABELS)}
        values={areas}
        tone="clay"
        onChange={(next) =>
          onChange({
            joints: next.map(
              (area) => joints.find((one) => one.area === area) ?? { area, side: 'both' as const, pain: FIRST.pain },
            ),
          })
        }
      />
      {joints.map(({ area, side, pain }) => (
        <Stack key={area} gap="s">
          <Choices<Side>
            label={words.whichSide(JOINT_LABELS[area])}
            options={[
              { value: 'left', label: words.left },
              { value: 'right', label: words.right },
              { value: 'both', label: words.both },
            ]}
            value={side}
            onChange={(next) => change(area, { side: next })}
          />
          <Scale
            label={words.howMuch(JOINT_LABELS[area])}
            says={words.pain(JOINT_LABELS[area])}
            value={pain}
            onChange={(next) => change(area, { pain: next ?? 0 })}
          />
        </Stack>
      ))}
    </Stack>
  );
};

/** Muscles sore from training. */
const Soreness = ({ answers, onChange }: Part) => {
  const soreness = answers.soreness ?? [];
  return (
    <Stack gap="s">
      <Heading level={3}>{words.soreMuscles}</Heading>
      <Ticks
        label={answers.soreness === null ? words.notAsked : soreness.length === 0 ? words.none : words.where}
        options={labelled(SORE_MUSCLES, MUSCLE_LABELS)}
        values={soreness.map(({ muscle }) => muscle)}
        tone="saffron"
        onChange={(next) =>
          onChange({
            soreness: next.map((muscle) => soreness.find((one) => one.muscle === muscle) ?? { muscle, level: FIRST.level }),
          })
        }
      />
      {soreness.map(({ muscle, level }) => (
        <Scale
          key={muscle}
          label={words.howSore(MUSCLE_LABELS[muscle])}
          says={words.soreness(MUSCLE_LABELS[muscle])}
          value={level}
          onChange={(next) =>
            onChange({ soreness: soreness.map((one) => (one.muscle === muscle ? { ...one, level: next ?? 0 } : one)) })
          }
        />
      ))}
    </Stack>
  );
};
