import { useState } from 'react';
import { BODY_SIDE_LABELS, LIMIT_LABELS } from '@drubo/words/explain';
import type { SeenPain } from '@drubo/core/screening';
import { MIDDLE_LIMITS, SIDES, SORE_LIMITS } from '@drubo/core/vocabulary';
import type { Side, SoreLimitId } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Scale } from '../../ui/Scale';
import { common } from '@drubo/words/screens/common';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.painPicker;

/** Where it hurt in a task, on which side, how much. */
export const PainPicker = ({ side, onPick, onClose }: { side: Side; onPick(pain: SeenPain): void; onClose(): void }) => {
  const [limit, setLimit] = useState<SoreLimitId | null>(null);
  const [at, setAt] = useState<Side>(side);
  const [severity, setSeverity] = useState<number | null>(null);
  const isReady = limit !== null && severity !== null;
  return (
    <Modal
      title={words.painWhere}
      onClose={onClose}
      closes={common.cancel}
      actions={
        <Button
          look="main"
          label={words.noteThePain}
          disabled={!isReady}
          onPress={() => isReady && onPick({ limit, side: MIDDLE_LIMITS.includes(limit) ? 'both' : at, severity })}
        />
      }
    >
      <Choices<SoreLimitId>
        label={words.place}
        options={SORE_LIMITS.filter((id) => id !== 'grip' && id !== 'ankle-stiff').map((value) => ({
          value,
          label: LIMIT_LABELS[value],
        }))}
        value={limit}
        onChange={setLimit}
      />
      <Stack gap="m">
        {limit !== null && !MIDDLE_LIMITS.includes(limit) && (
          <Choices<Side>
            label={common.side}
            options={SIDES.map((value) => ({ value, label: BODY_SIDE_LABELS[value] }))}
            value={at}
            onChange={setAt}
          />
        )}
        <Scale label={words.howMuch} says={words.pain} value={severity} onChange={setSeverity} />
      </Stack>
    </Modal>
  );
};
