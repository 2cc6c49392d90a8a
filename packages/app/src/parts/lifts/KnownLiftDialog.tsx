import { useState } from 'react';
import { View } from 'react-native';
import { addDays, dayNumber } from '@drubo/core';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { LIFT_HOLD_WORDS, LIFT_SOURCE_LABELS } from '@drubo/words/explain';
import { bySearch } from '@drubo/core/knowledge';
import { liftOn } from '@drubo/core/strength';
import { LIFT_SOURCES } from '@drubo/core/vocabulary';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Choices } from '../../ui/Choices';
import { DateTimeField } from '../../ui/DateTimeField';
import { Field } from '../../ui/Field';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Modal } from '../../ui/Modal';
import { Txt } from '../../ui/Txt';
import { useStudio } from '../../data/StudioContext';
import { AGO, agoOf, freshLift, LEFT, liftErrors, liftFields } from './lift-form';
import type { KnownLiftFields, LiftForm } from './lift-form';
import { common } from '@drubo/words/screens/common';
import { partsLiftsWords } from '@drubo/words/screens/parts-lifts';

const words = partsLiftsWords.knownLiftDialog;

/** Suggestions shown while a movement is looked for. */
const SHOWN = 8;

/** A lift the person is known for: which, how heavy, how often, how long ago, and how it is known. */
export const KnownLiftDialog = ({
  variationId,
  suggested = [],
  today,
  problem,
  isBusy,
  onSave,
  onClose,
}: {
  /** The movement it is about; null: to be chosen. */
  variationId: string | null;
  /** Movements offered before anything is searched. */
  suggested?: readonly string[] | undefined;
  today: string;
  problem: string | null;
  isBusy: boolean;
  onSave(lift: KnownLiftFields): void;
  onClose(): void;
}) => {
  const { unit } = useStudio();
  const [form, setForm] = useState<LiftForm>(() => freshLift(variationId, today));
  const change = (part: Partial<LiftForm>) => setForm({ ...form, ...part });
  const errors = liftErrors(form, unit, today);
  const fields = liftFields(form, unit, today);
  return (
    <Modal
      title={variationId === null ? words.aLiftTheyKnow : words.knows(nameOf(variationId))}
      onClose={onClose}
      problem={problem}
      closes={common.cancel}
      actions={
        <Button
          look="main"
          label={words.saveTheLift}
          busy={isBusy}
          disabled={fields === null}
          onPress={() => fields && onSave(fields)}
        />
      }
    >
      {variationId === null && (
        <Movement chosen={form.variationId} suggested={suggested} onChoose={(id) => change({ variationId: id })} />
      )}
      <Row gap="s" align="stretch">
        <View style={{ flexGrow: 1, flexBasis: 210 }}>
          <Field
            label={words.loadAllHeld}
            unit={unit}
            inputMode="decimal"
            value={form.load}
            onChangeText={(load) => change({ load })}
            error={errors.load}
          />
        </View>
        <View style={{ flexGrow: 1, flexBasis: 90 }}>
          <Field
            label={words.reps}
            inputMode="numeric"
            value={form.reps}
            onChangeText={(reps) => change({ reps })}
            error={errors.reps}
          />
        </View>
      </Row>
      <Choices
        label={words.howItIsKnown}
        options={LIFT_SOURCES.map((value) => ({ value, label: LIFT_SOURCE_LABELS[value] }))}
        value={form.source}
        onChange={(source) => change({ source })}
      />
      <Choices
        label={words.howLongAgo}
        options={AGO}
        value={agoOf(form.on, today)}
        onChange={(days) => change({ on: addDays(today, -Number(days)) })}
      />
      <Row align="stretch">
        <DateTimeField label={words.orOn} type="date" value={form.on} onChange={(on) => change({ on })} error={errors.on} />
      </Row>
      <Choices
        label={words.wasItClean}
        options={[
          { value: 'yes', label: words.clean },
          { value: 'no', label: words.notQuite },
        ]}
        value={form.isClean ? 'yes' : 'no'}
        onChange={(value) => change({ isClean: value === 'yes' })}
      />
      <Choices label={words.repsLeftThen} options={LEFT} value={form.left} onChange={(left) => change({ left })} />
      <Choices
        label={words.howSurely}
        options={[
          { value: 'exact', label: words.theseNumbers },
          { value: 'about', label: words.aboutThese },
        ]}
        value={form.isAbout ? 'about' : 'exact'}
        onChange={(value) => change({ isAbout: value === 'about' })}
      />
      {fields && (
        <Txt kind="small" tone="quiet">
          {whatFollows(fields, today)}
        </Txt>
      )}
    </Modal>
  );
};

const nameOf = (id: string): string => findVariation(builtInCatalogue, id)?.name ?? id;

/** What such a lift does, before it is saved. What happened to the person since is the server's to see. */
const whatFollows = (
  { on, source, isClean, variationId, loadKg, reps, reserve, isAbout }: KnownLiftFields,
  today: string,
): string => {
  const lift = { variationId, loadKg, reps, reserve, isAbout, source, isClean, day: dayNumber(on) };
  const { heldBy } = liftOn(lift, dayNumber(today), []);
  return heldBy.length === 0
    ? words.itEarnsItsStage
    : words.itTellsHowStrong(heldBy.map((hold) => LIFT_HOLD_WORDS[hold]).join(', '));
};

const Movement = ({
  chosen,
  suggested,
  onChoose,
}: {
  chosen: string | null;
  suggested: readonly string[];
  onChoose(id: string | null): void;
}) => {
  const [search, setSearch] = useState('');
  const found = (search.trim() === '' ? [] : bySearch(builtInCatalogue.variations, search))
    .filter(({ seconds }) => seconds === null)
    .slice(0, SHOWN)
    .map(({ id }) => id);
  const ids = search.trim() === '' ? suggested : found;
  if (chosen !== null) {
    return (
      <Row align="stretch">
        <Chip
          label={`${nameOf(chosen)} ×`}
          says={words.anotherMovementThan(nameOf(chosen))}
          chosen
          onPress={() => onChoose(null)}
        />
      </Row>
    );
  }
  return (
    <Stack gap="s">
      <Field label={words.whichMovement} value={search} onChangeText={setSearch} />
      <Wrap gap="s">
        {ids.map((id) => (
          <Chip key={id} label={nameOf(id)} chosen={false} onPress={() => onChoose(id)} />
        ))}
        {search.trim() !== '' && ids.length === 0 && <Txt tone="quiet">{words.noMovementByThat}</Txt>}
      </Wrap>
    </Stack>
  );
};
