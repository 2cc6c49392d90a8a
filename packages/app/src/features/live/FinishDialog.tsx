import { useState } from 'react';
import { counted } from '@drubo/words/explain';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Field } from '../../ui/Field';
import { Stack, Wrap } from '../../ui/layout';
import { readNumber } from '../../ui/measure';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';

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
      title="Finish the session?"
      onClose={onClose}
      closes="Go on"
      actions={
        <Button
          look="main"
          label="Finish"
          disabled={isTooLong || isBadMinutes}
          onPress={() => onFinish({ effort, note: note.trim(), minutes: minutes ?? null })}
        />
      }
    >
      <Txt>
        {done} of {counted(planned, 'set')} logged.{done < planned ? ' The rest stays undone.' : ''}
        {isPadOpen ? ' What stands on the pad is not logged yet: go on to log it.' : ''}
      </Txt>
      <Stack role="radiogroup" aria-label="Effort of the whole session" gap="xs">
        <Txt kind="small" tone="quiet">
          Effort of the whole session, 0 to 10 · {effort === null ? 'not asked' : `${effort} said`}
        </Txt>
        <Wrap gap="xs">
          {SCALE.map((value) => (
            <Chip
              key={value}
              role="radio"
              label={String(value)}
              says={`Effort ${value} of 10`}
              chosen={effort === value}
              onPress={() => setEffort(effort === value ? null : value)}
            />
          ))}
        </Wrap>
      </Stack>
      {asksMinutes && (
        <Field
          label="Minutes it took"
          unit="min"
          inputMode="numeric"
          value={typed}
          onChangeText={setTyped}
          error={isBadMinutes ? 'must be a whole number from 1 to 600' : undefined}
        />
      )}
      <Field
        label="Note"
        multiline
        value={note}
        onChangeText={setNote}
        error={isTooLong ? `must have at most ${NOTE_MAX} letters` : undefined}
      />
    </Modal>
  );
};
