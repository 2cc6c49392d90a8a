import { useState } from 'react';
import type { FieldsOf } from '@drubo/contracts';
import { AGGRAVATOR_LABELS, BODY_SIDE_LABELS, LIMIT_LABELS } from '@drubo/words/explain';
import { AGGRAVATORS, MIDDLE_LIMITS, SIDES, SORE_LIMITS } from '@drubo/core/vocabulary';
import type { LimitId, Side } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { DateTimeField } from '../../ui/DateTimeField';
import { Field } from '../../ui/Field';
import { Stack } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Scale } from '../../ui/Scale';
import { Ticks } from '../../ui/Ticks';
import { Txt } from '../../ui/Txt';

type Limit = FieldsOf<'limit'>;

const SIDE_OPTIONS = SIDES.map((value) => ({ value, label: BODY_SIDE_LABELS[value] }));
const AGGRAVATOR_OPTIONS = AGGRAVATORS.map((value) => ({ value, label: AGGRAVATOR_LABELS[value] }));
const isGraded = (limit: LimitId): boolean => SORE_LIMITS.some((sore) => sore === limit);

/** A limit nobody filled in yet. */
export const freshLimit = (limit: Limit['limit'], side: Side, today: string): Limit => ({
  kind: 'limit',
  limit,
  side: MIDDLE_LIMITS.includes(limit) ? 'both' : side,
  severity: null,
  diagnosed: false,
  since: null,
  aggravates: [],
  note: '',
  askedOn: today,
});

/** One limit: how sore today, which side, since when, what makes it worse. */
export const LimitDialog = ({
  given,
  choices,
  isKnown,
  today,
  problem,
  isBusy,
  onSave,
  onGone,
  onClose,
}: {
  given: Limit;
  /** What may be wrong at the place that was tapped. */
  choices: readonly Limit['limit'][];
  isKnown: boolean;
  today: string;
  problem: string | null;
  isBusy: boolean;
  onSave(limit: Limit): void;
  onGone(): void;
  onClose(): void;
}) => {
  const [limit, setLimit] = useState<Limit>({ ...given, askedOn: today });
  const change = (part: Partial<Limit>) => setLimit({ ...limit, ...part });
  return (
    <Modal
      title={isKnown ? 'How is it today?' : 'What is it?'}
      onClose={onClose}
      problem={problem}
      actions={
        <>
          {isKnown ? <Button label="It is gone" onPress={onGone} /> : <Button label="Cancel" onPress={onClose} />}
          <Button look="main" label="Save the limit" busy={isBusy} onPress={() => onSave(limit)} />
        </>
      }
    >
      {choices.length > 1 && !isKnown ? (
        <Choices
          label="What it is"
          options={choices.map((value) => ({ value, label: LIMIT_LABELS[value] }))}
          value={limit.limit}
          onChange={(value) => change({ limit: value })}
        />
      ) : (
        <Txt kind="bold">{LIMIT_LABELS[limit.limit]}</Txt>
      )}
      {!MIDDLE_LIMITS.includes(limit.limit) && (
        <Choices label="Side" options={SIDE_OPTIONS} value={limit.side} onChange={(side) => change({ side })} />
      )}
      {isGraded(limit.limit) && (
        <Stack gap="xs">
          <Scale label="How sore today" says="Sore" value={limit.severity} onChange={(severity) => change({ severity })} />
          <Txt kind="small" tone="quiet">
            1 and 2 are noted, 3 restricts, 4 and more lock. Not asked counts as sore.
          </Txt>
        </Stack>
      )}
      <Ticks
        label="What makes it worse"
        options={AGGRAVATOR_OPTIONS}
        values={limit.aggravates}
        onChange={(aggravates) => change({ aggravates })}
      />
      <Choices
        label="Has a clinician named it?"
        options={[
          { value: 'no', label: 'No' },
          { value: 'yes', label: 'Yes' },
        ]}
        value={limit.diagnosed ? 'yes' : 'no'}
        onChange={(value) => change({ diagnosed: value === 'yes' })}
      />
      <DateTimeField
        label="Since when, if known"
        type="date"
        value={limit.since ?? ''}
        onChange={(since) => change({ since: since === '' ? null : since })}
      />
      <Field label="Note" multiline value={limit.note} onChangeText={(note) => change({ note })} />
    </Modal>
  );
};
