import { useState } from 'react';
import type { FieldsOf } from '@drubo/contracts';
import { addDays, fromKg, toKg } from '@drubo/core';
import { BODY_SIDE_LABELS, FAMILY_LABELS, formatNumber, LIMIT_LABELS, RANGE_LABELS, ROLE_LABELS } from '@drubo/words/explain';
import { CLEARED_RANGES, CLINICIAN_ROLES, FAMILIES, SIDES } from '@drubo/core/vocabulary';
import type { LimitId } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { DateTimeField } from '../../ui/DateTimeField';
import { Field } from '../../ui/Field';
import { Wrap } from '../../ui/layout';
import { readNumber } from '../../ui/measure';
import { Modal } from '../../ui/Modal';
import { Scale } from '../../ui/Scale';
import { Ticks } from '../../ui/Ticks';
import { Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { common } from '@drubo/words/screens/common';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.clearanceDialog;

type Clearance = FieldsOf<'clearance'>;

/** How long a clearance is proposed for. House default; the clinician's word replaces it. */
const PROPOSED_DAYS = 180;

/** A clearance as it begins: nothing cleared yet. */
export const freshClearance = (about: readonly LimitId[], today: string): Clearance => ({
  kind: 'clearance',
  role: 'doctor',
  name: '',
  on: today,
  until: addDays(today, PROPOSED_DAYS),
  about: [...about],
  scope: { families: [], range: 'full', maxLoadKg: null, side: 'both', painUpTo: null },
  note: '',
});

/** Who cleared them, about what, for what, until when. Without movements it clears nothing. */
export const ClearanceDialog = ({
  given,
  holds,
  problem,
  isBusy,
  onSave,
  onClose,
}: {
  given: Clearance;
  /** What may be cleared: whatever holds this person back. */
  holds: readonly LimitId[];
  problem: string | null;
  isBusy: boolean;
  onSave(clearance: Clearance): void;
  onClose(): void;
}) => {
  const { unit } = useStudio();
  const [clearance, setClearance] = useState(given);
  const [load, setLoad] = useState(given.scope.maxLoadKg === null ? '' : formatNumber(fromKg(given.scope.maxLoadKg, unit), 1));
  const change = (part: Partial<Clearance>) => setClearance({ ...clearance, ...part });
  const scope = (part: Partial<Clearance['scope']>) => change({ scope: { ...clearance.scope, ...part } });
  const maxLoad = readNumber(load);
  return (
    <Modal
      title={words.clearedBy}
      onClose={onClose}
      problem={problem}
      closes={common.cancel}
      actions={
        <Button
          look="main"
          label={words.recordTheClearance}
          busy={isBusy}
          disabled={maxLoad === undefined}
          onPress={() =>
            onSave({
              ...clearance,
              scope: { ...clearance.scope, maxLoadKg: maxLoad === null || maxLoad === undefined ? null : toKg(maxLoad, unit) },
            })
          }
        />
      }
    >
      <Txt kind="small" tone="quiet">
        {words.writeDownWhatThe}
      </Txt>
      <Choices
        label={words.who}
        options={CLINICIAN_ROLES.map((value) => ({ value, label: ROLE_LABELS[value] }))}
        value={clearance.role}
        onChange={(role) => change({ role })}
      />
      <Field label={words.nameIfKnown} value={clearance.name} onChangeText={(name) => change({ name })} />
      <Wrap gap="m">
        <DateTimeField label={words.givenOn} type="date" value={clearance.on} onChange={(on) => change({ on })} />
        <DateTimeField
          label={words.until}
          type="date"
          value={clearance.until}
          min={clearance.on}
          onChange={(until) => change({ until })}
        />
      </Wrap>
      <Ticks
        label={words.about}
        options={holds.map((value) => ({ value, label: LIMIT_LABELS[value] }))}
        values={clearance.about}
        onChange={(about) => change({ about })}
      />
      <Ticks
        label={words.movementsCleared}
        options={FAMILIES.map((value) => ({ value, label: FAMILY_LABELS[value] }))}
        values={clearance.scope.families}
        onChange={(families) => scope({ families })}
      />
      <Button look="quiet" label={words.allMovements} onPress={() => scope({ families: [...FAMILIES] })} />
      <Choices
        label={words.range}
        options={CLEARED_RANGES.map((value) => ({ value, label: RANGE_LABELS[value] }))}
        value={clearance.scope.range}
        onChange={(range) => scope({ range })}
      />
      <Choices
        label={common.side}
        options={SIDES.map((value) => ({ value, label: BODY_SIDE_LABELS[value] }))}
        value={clearance.scope.side}
        onChange={(side) => scope({ side })}
      />
      <Field
        label={words.heaviestLoad}
        unit={unit}
        inputMode="decimal"
        value={load}
        onChangeText={setLoad}
        help={words.emptyTheyNamedNo}
        error={maxLoad === undefined ? words.mustBeANumber(unit) : undefined}
      />
      <Scale
        label={words.knownPainThatMay}
        says={words.painUpTo}
        value={clearance.scope.painUpTo}
        onChange={(painUpTo) => scope({ painUpTo })}
      />
      <Field label={words.theirWords} multiline value={clearance.note} onChangeText={(note) => change({ note })} />
    </Modal>
  );
};
