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
import { common } from '@drubo/words/screens/common';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.limitDialog;

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
      title={isKnown ? words.howIsItToday : words.whatIsIt}
      onClose={onClose}
      problem={problem}
      actions={
        <>
          {isKnown ? <Button label={words.itIsGone} onPress={onGone} /> : <Button label={common.cancel} onPress={onClose} />}
          <Button look="main" label={words.saveTheLimit} busy={isBusy} onPress={() => onSave(limit)} />
        </>
      }
    >
      {choices.length > 1 && !isKnown ? (
        <Choices
          label={words.whatItIs}
          options={choices.map((value) => ({ value, label: LIMIT_LABELS[value] }))}
          value={limit.limit}
          onChange={(value) => change({ limit: value })}
        />
      ) : (
        <Txt kind="bold">{LIMIT_LABELS[limit.limit]}</Txt>
      )}
      {!MIDDLE_LIMITS.includes(limit.limit) && (
        <Choices label={common.side} options={SIDE_OPTIONS} value={limit.side} onChange={(side) => change({ side })} />
      )}
      {isGraded(limit.limit) && (
        <Stack gap="xs">
          <Scale
            label={words.howSoreToday}
            says={words.sore}
            value={limit.severity}
            onChange={(severity) => change({ severity })}
          />
          <Txt kind="small" tone="quiet">
            {words.n1And2Are}
          </Txt>
        </Stack>
      )}
      <Ticks
        label={words.whatMakesItWorse}
        options={AGGRAVATOR_OPTIONS}
        values={limit.aggravates}
        onChange={(aggravates) => change({ aggravates })}
      />
      <Choices
        label={words.hasAClinicianNamed}
        options={[
          { value: 'no', label: words.no },
          { value: 'yes', label: words.yes },
        ]}
        value={limit.diagnosed ? 'yes' : 'no'}
        onChange={(value) => change({ diagnosed: value === 'yes' })}
      />
      <DateTimeField
        label={words.sinceWhenIfKnown}
        type="date"
        value={limit.since ?? ''}
        onChange={(since) => change({ since: since === '' ? null : since })}
      />
      <Field label={words.note} multiline value={limit.note} onChangeText={(note) => change({ note })} />
    </Modal>
  );
};
