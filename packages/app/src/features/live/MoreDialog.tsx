import { useState } from 'react';
import { CAUTION_LABELS, ENDING_LABELS } from '@drubo/words/explain';
import { schoolCues } from '@drubo/core';
import type { SetEnding } from '@drubo/core/vocabulary';
import { endingOf } from '@drubo/core/live';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Field } from '../../ui/Field';
import { Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Heading, Txt } from '../../ui/Txt';
import { AtHand } from '../../parts/care/WarningDialog';
import { SetUpList } from '../../parts/moves/SetUpList';
import type { Exercise, FloorDetail } from './floor';
import { LiveSettings } from './LiveSettings';
import { OffKitLoad } from './OffKitLoad';
import { setUpOf } from './set-up-of';
import type { Live } from './use-live';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.moreDialog;

/** Endings a trainer picks by hand; pain has a button of its own. */
const ENDINGS: readonly SetEnding[] = ['planned', 'choice', 'form', 'grip', 'failure', 'interrupted'];
const OPTIONS = ENDINGS.map((value) => ({ value, label: ENDING_LABELS[value] }));
const NOTE_MAX = 2000;

export type MoreChoice = 'signs' | 'finish' | 'discard' | 'add' | 'check-in';

/** What is needed now and then, the gravest first: warning signs, the end, what to add, how the set ended, cues, this device. */
export const MoreDialog = ({
  live,
  detail,
  onChoose,
  onClose,
}: {
  live: Pick<Live, 'asked' | 'change' | 'exercise' | 'leave' | 'note' | 'pad'>;
  detail: FloorDetail;
  onChoose(choice: MoreChoice): void;
  onClose(): void;
}) => {
  const { exercise, pad, asked } = live;
  const { care, schools } = detail.sheet;
  return (
    <Modal
      title={exercise?.variation.name ?? words.thisSession}
      onClose={onClose}
      actions={<Button look="main" label={common.done} onPress={onClose} />}
    >
      <Button look="danger" label={common.warningSigns} onPress={() => onChoose('signs')} />
      <AtHand care={care} />
      {care.cautions.map((caution) => (
        <Txt key={caution} tone="saffron">
          {CAUTION_LABELS[caution]}
        </Txt>
      ))}
      <Wrap gap="s">
        <Button label={words.finishTheSession} onPress={() => onChoose('finish')} />
        <Button label={words.checkIn} onPress={() => onChoose('check-in')} />
        <Button label={common.addAnExercise} onPress={() => onChoose('add')} />
        {exercise?.isOpen && (
          <Button
            label={words.leaveThisOneToday}
            onPress={() => {
              void live.leave(exercise, 'choice');
              onClose();
            }}
          />
        )}
      </Wrap>
      <QuickNote live={live} onKept={onClose} />
      {pad && asked && (
        <Choices
          label={words.thisSetEnded}
          options={OPTIONS}
          value={endingOf(pad, asked)}
          onChange={(endedBy) => live.change({ endedBy })}
        />
      )}
      {pad && exercise && <OffKitLoad live={live} onKept={onClose} />}
      {exercise && (
        <>
          <Stack gap="xs">
            <Heading level={3}>{words.cues}</Heading>
            {schoolCues(exercise.variation, schools).map((cue) => (
              <Txt key={cue}>{cue}</Txt>
            ))}
          </Stack>
          <SettingUp exercise={exercise} />
          <Stack gap="xs">
            <Heading level={3}>{words.cautions}</Heading>
            {exercise.variation.cautions.map((caution) => (
              <Txt key={caution}>{caution}</Txt>
            ))}
          </Stack>
        </>
      )}
      <LiveSettings />
      <Button look="danger" label={words.discardTheSession} onPress={() => onChoose('discard')} />
    </Modal>
  );
};

const SettingUp = ({ exercise }: { exercise: Exercise }) => {
  const steps = setUpOf(exercise);
  if (steps.length === 0) return null;
  return (
    <Stack gap="xs">
      <Heading level={3}>{words.settingUp}</Heading>
      <SetUpList steps={steps} variation={exercise.variation} position={exercise.item.dose.load.position} />
    </Stack>
  );
};

/** A line about this exercise or the session, kept at once. */
const QuickNote = ({ live, onKept }: { live: Pick<Live, 'note'>; onKept(): void }) => {
  const [text, setText] = useState('');
  const trimmed = text.trim();
  const isTooLong = trimmed.length > NOTE_MAX;
  return (
    <Stack gap="xs">
      <Field
        label={words.quickNote}
        value={text}
        onChangeText={setText}
        error={isTooLong ? words.mustHaveAtMost(NOTE_MAX) : undefined}
      />
      {trimmed !== '' && (
        <Button
          label={words.keepTheNote}
          disabled={isTooLong}
          onPress={() => {
            void live.note(trimmed);
            onKept();
          }}
        />
      )}
    </Stack>
  );
};
