import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Field } from '../../ui/Field';
import { Stack, Wrap } from '../../ui/layout';
import { readNumber } from '../../ui/measure';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { common } from '@drubo/words/screens/common';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.finishDialog;

const SCALE = Array.from({ length: 11 }, (_, at) => at);
const NOTE_MAX = 2000;

/** Asks before finishing, says what is missing, and takes effort and a note; both may stay empty. */
export const FinishDialog = ({
  done,
  planned,
  isPadOpen,
  asksMinutes,
  onFinish,
  onClose,
}: {
  done: number;
  planned: number;
  /** Whether something was entered on the pad and not logged. */
  isPadOpen: boolean;
  /** Whether nobody timed it: entered from paper. */
  asksMinutes: boolean;
  onFinish(result: { effort: number | null; note: string; minutes: number | null }): void;
  onClose(): void;
}) => {
  const [effort, setEffort] = useState<number | null>(null);
  const [note, setNote] = useState('');
  const [typed, setTyped] = useState('');
  const minutes = asksMinutes ? readNumber(typed) : null;
  const isBadMinutes =
    minutes === undefined || (minutes !== null && (!Number.isInteger(minutes) || minutes < 1 || minutes > 600));
  const isTooLong = note.trim().length > NOTE_MAX;
  return (
    <Modal
      title={words.finishTheSession}
      onClose={onClose}
      closes={common.goOn}
      actions={
        <Button
          look="main"
          label={words.finish}
          disabled={isTooLong || isBadMinutes}
          onPress={() => onFinish({ effort, note: note.trim(), minutes: minutes ?? null })}
        />
      }
    >
      <Txt>{words.ofLogged(done, planned, isPadOpen)}</Txt>
      <Stack role="radiogroup" aria-label={words.effortOfTheWhole} gap="xs">
        <Txt kind="small" tone="quiet">
          {words.effortOfTheWholeSession(effort)}
        </Txt>
        <Wrap gap="xs">
          {SCALE.map((value) => (
            <Chip
              key={value}
              role="radio"
              label={String(value)}
              says={words.effortOf10(value)}
              chosen={effort === value}
              onPress={() => setEffort(effort === value ? null : value)}
            />
          ))}
        </Wrap>
      </Stack>
      {asksMinutes && (
        <Field
          label={words.minutesItTook}
          unit={words.min}
          inputMode="numeric"
          value={typed}
          onChangeText={setTyped}
          error={isBadMinutes ? words.mustBeAWhole : undefined}
        />
      )}
      <Field
        label={words.note}
        multiline
        value={note}
        onChangeText={setNote}
        error={isTooLong ? words.mustHaveAtMost(NOTE_MAX) : undefined}
      />
    </Modal>
  );
};
