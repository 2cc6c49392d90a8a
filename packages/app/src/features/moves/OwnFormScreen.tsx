import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { bySearch } from '@drubo/core/knowledge';
import { faultsToChoose, findVariation, getVariation } from '@drubo/core/catalogue';
import type { Catalogue, Variation } from '@drubo/core/catalogue';
import { FAMILY_LABELS, FAULT_LABELS, POSITION_LABELS } from '@drubo/words/explain';
import { LEVER_WORDS } from '@drubo/words/movement-words';
import { FAMILIES } from '@drubo/core/vocabulary';
import { RefusedError } from '../../data/api';
import { newId } from '../../data/ids';
import { useWriter } from '../../data/offline/QueueProvider';
import { useCatalogue } from '../../data/use-catalogue';
import { Button } from '../../ui/Button';
import { Chip } from '../../ui/Chip';
import { Choices } from '../../ui/Choices';
import { Field } from '../../ui/Field';
import { FormField } from '../../ui/FormField';
import { Stack, Wrap } from '../../ui/layout';
import { Empty } from '../../ui/states';
import { Txt } from '../../ui/Txt';
import { Screen } from '../../frame/Screen';
import { useSnack } from '../../frame/SnackProvider';
import { movementAggregate } from './OwnActions';
import { ownFormOf, ownResolver } from './own-form';
import type { OwnFields } from './own-form';
import { common } from '@drubo/words/screens/common';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.ownFormScreen;

/** Adds a movement of the studio's own, based on one that ships, or makes a new revision of one. */
export const OwnFormScreen = () => {
  const { movementId, from } = useLocalSearchParams<{ movementId?: string; from?: string }>();
  const catalogue = useCatalogue();
  const own = movementId ? findVariation(catalogue, movementId) : undefined;
  const base = findVariation(catalogue, own?.custom?.basedOn ?? from ?? '');
  if (!base || (movementId && !own)) {
    return (
      <Screen title={words.yourOwnMovement} back="/moves/own">
        <Empty title={words.nothingToBaseIt} text={words.openTheMovementNearest} />
      </Screen>
    );
  }
  return (
    <Screen
      title={own ? words.edit(own.name) : words.yourOwnMovement}
      beside={words.basedOn(base.name)}
      back={`/moves/${own?.id ?? base.id}`}
    >
      <OwnForm key={own?.id ?? base.id} base={base} own={own} catalogue={catalogue} />
    </Screen>
  );
};

const FAMILY_OPTIONS = FAMILIES.map((value) => ({ value, label: FAMILY_LABELS[value] }));

const OwnForm = ({ base, own, catalogue }: { base: Variation; own: Variation | undefined; catalogue: Catalogue }) => {
  const router = useRouter();
  const writer = useWriter();
  const snack = useSnack();
  const [freshId] = useState(newId);
  const id = own?.id ?? freshId;
  const { control, handleSubmit, setError, formState } = useForm({
    resolver: ownResolver,
    defaultValues: ownFormOf(own ?? base, !own),
  });
  const submit = handleSubmit(async (fields: OwnFields) => {
    try {
      const result = await writer.save({
        endpointId: 'saveMovement',
        params: { movementId: id },
        body: { version: own?.custom?.revision ?? 0, basedOn: base.id, ...fields },
        aggregate: movementAggregate(id),
      });
      if (result.status === 'waiting') {
        snack({ text: words.isKeptOnThis(fields.name) });
        router.replace('/moves/own');
      } else router.replace(`/moves/${id}`);
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      const told = (error.reply.fields ?? []).map(({ path, message }) => `${path.replace('body.', '')} ${message}.`);
      setError('root', { message: [error.reply.message, ...told].join(' ') });
    }
  });
  const errors = formState.errors as Record<string, { message?: string } | undefined>;
  const wrong = (field: string, label: string) =>
    errors[field]?.message ? (
      <Txt kind="small" tone="clay" role="alert">
        {label} {errors[field].message}
      </Txt>
    ) : null;
  const positions =
    base.unloadedAllowed && !base.loadPositions.includes('none') ? [...base.loadPositions, 'none' as const] : base.loadPositions;
  return (
    <Stack gap="l">
      <FormField control={control} name="name" label={words.name} />
      <FormField control={control} name="aliases" label={words.otherNames} help={words.betweenCommasMayStay} />
      <Controller
        control={control}
        name="family"
        render={({ field }) => (
          <Choices label={common.family} options={FAMILY_OPTIONS} value={field.value} onChange={field.onChange} />
        )}
      />
      {wrong('family', common.family)}
      <FormField control={control} name="cues" label={words.cues} multiline help={words.oneALineOne} />
      <FormField control={control} name="cautions" label={words.cautions} multiline help={words.oneALineUp} />
      <Controller
        control={control}
        name="faults"
        render={({ field }) => (
          <Several
            label={words.faultsToWatch}
            options={faultsToChoose(catalogue, base).map((value) => ({ value, label: FAULT_LABELS[value] }))}
            value={field.value}
            onChange={field.onChange}
          />
        )}
      />
      {wrong('faults', words.faultsToWatch)}
      <Wrap gap="s">
        <View style={styles.half}>
          <FormField control={control} name="repsLow" label={words.repsFrom} inputMode="numeric" help={words.emptyTheGoals} />
        </View>
        <View style={styles.half}>
          <FormField control={control} name="repsHigh" label={words.repsTo} inputMode="numeric" />
        </View>
      </Wrap>
      <Controller
        control={control}
        name="loadPositions"
        render={({ field }) => (
          <Several
            label={common.load}
            options={positions.map((value) => ({ value, label: POSITION_LABELS[value] }))}
            value={field.value}
            onChange={field.onChange}
          />
        )}
      />
      {wrong('loadPositions', common.load)}
      <Controller
        control={control}
        name="levers"
        render={({ field }) => (
          <Several
            label={words.settingsItKeeps}
            options={base.levers
              .filter(({ lever }) => lever !== 'load-position')
              .map(({ lever }) => ({ value: lever, label: LEVER_WORDS[lever].label }))}
            value={field.value}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        control={control}
        name="prerequisites"
        render={({ field }) => <EarnedFirst ownId={id} catalogue={catalogue} value={field.value} onChange={field.onChange} />}
      />
      {errors['root'] && (
        <Txt tone="clay" role="alert">
          {errors['root'].message}
        </Txt>
      )}
      <Button
        look="main"
        label={own ? words.saveAsANew : words.addThisMovement}
        busy={formState.isSubmitting}
        disabled={!writer.isReady}
        onPress={() => void submit()}
      />
    </Stack>
  );
};

/** Several of a few, as chips. */
const Several = <Value extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly { value: Value; label: string }[];
  value: readonly Value[];
  onChange(value: Value[]): void;
}) => (
  <Stack role="group" aria-label={label} gap="xs">
    <Txt kind="small" tone="quiet">
      {label}
    </Txt>
    <Wrap gap="s">
      {options.map((option) => {
        const isOn = value.includes(option.value);
        return (
          <Chip
            key={option.value}
            label={option.label}
            chosen={isOn}
            onPress={() => onChange(isOn ? value.filter((other) => other !== option.value) : [...value, option.value])}
          />
        );
      })}
    </Wrap>
  </Stack>
);

/** Movements to be earned first: taken off by a tap, added by name. */
const EarnedFirst = ({
  ownId,
  catalogue,
  value,
  onChange,
}: {
  ownId: string;
  catalogue: Catalogue;
  value: readonly string[];
  onChange(value: string[]): void;
}) => {
  const [search, setSearch] = useState('');
  const found =
    search.trim() === ''
      ? []
      : bySearch(catalogue.variations, search)
          .filter(({ id }) => id !== ownId && !value.includes(id))
          .slice(0, 6);
  return (
    <Stack gap="xs" role="group" aria-label={words.whatMustBeEarned}>
      <Field label={words.earnedFirst} value={search} onChangeText={setSearch} help={words.typeANameTap} />
      <Wrap gap="s">
        {value.map((id) => (
          <Chip
            key={id}
            chosen
            label={`${getVariation(catalogue, id).name} ×`}
            says={words.takeOff(getVariation(catalogue, id).name)}
            onPress={() => onChange(value.filter((other) => other !== id))}
          />
        ))}
        {found.map(({ id, name }) => (
          <Chip
            key={id}
            chosen={false}
            label={name}
            says={words.add(name)}
            onPress={() => {
              onChange([...value, id]);
              setSearch('');
            }}
          />
        ))}
      </Wrap>
    </Stack>
  );
};

const styles = StyleSheet.create({
  half: { flexGrow: 1, flexBasis: 140 },
});
