import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import type { PersonDto } from '@drubo/contracts';
import { GOAL_LABELS, TRAINING_AGE_LABELS } from '@drubo/words/explain';
import { GOALS, TRAINING_AGES } from '@drubo/core/vocabulary';
import { RefusedError } from '../../data/api';
import { newId } from '../../data/ids';
import { personAggregate } from '../../data/offline/lines';
import { useWriter } from '../../data/offline/QueueProvider';
import { refusalText } from '../../data/refusal';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { FormField } from '../../ui/FormField';
import { Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { useStudio } from '../../data/StudioContext';
import { lengthUnit } from '../../ui/measure';
import { formValuesOf, personResolver } from './person-form';
import type { PersonFields } from './person-form';
import { SchoolFields } from './SchoolFields';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.personForm;

const GOAL_OPTIONS = GOALS.map((value) => ({ value, label: GOAL_LABELS[value] }));
const AGE_OPTIONS = TRAINING_AGES.map((value) => ({ value, label: TRAINING_AGE_LABELS[value] }));

/** Adds a person or changes one. Checked here, and again by the server. */
export const PersonForm = ({ person }: { person: PersonDto | null }) => {
  const router = useRouter();
  const { unit } = useStudio();
  const writer = useWriter();
  const snack = useSnack();
  const [newPersonId] = useState(newId);
  const { control, handleSubmit, setError, formState } = useForm({
    resolver: personResolver(unit),
    defaultValues: formValuesOf(person, unit),
  });
  const submit = handleSubmit(async (fields: PersonFields) => {
    const personId = person?.id ?? newPersonId;
    // A measure shown in pounds or inches is rounded; one nobody touched goes back exactly as it was.
    const { mass, height } = formState.dirtyFields;
    const untouched = person
      ? { ...(mass ? {} : { massKg: person.massKg }), ...(height ? {} : { heightCm: person.heightCm }) }
      : {};
    try {
      const result = await writer.save({
        endpointId: 'savePerson',
        params: { personId },
        body: { version: person?.version ?? 0, ...fields, ...untouched },
        aggregate: personAggregate(personId),
      });
      if (result.status === 'waiting') {
        snack({ text: words.isKeptOnThis(fields.name) });
        router.replace('/people');
      } else router.replace(person ? `/people/${personId}` : `/people/${personId}/intake`);
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      setError('root', { message: refusalText(error.reply) });
    }
  });
  const errors = formState.errors as Record<string, { message?: string } | undefined>;
  return (
    <Stack gap="l">
      <FormField control={control} name="name" label={words.name} />
      <Controller
        control={control}
        name="goal"
        render={({ field }) => (
          <Choices label={words.mainGoal} options={GOAL_OPTIONS} value={field.value} onChange={field.onChange} />
        )}
      />
      {errors['goal'] && (
        <Txt kind="small" tone="clay" role="alert">
          {words.mainGoalPiece}
          {errors['goal'].message}
        </Txt>
      )}
      <Controller
        control={control}
        name="trainingAge"
        render={({ field }) => (
          <Choices label={words.trainedWithLoadsFor} options={AGE_OPTIONS} value={field.value} onChange={field.onChange} />
        )}
      />
      {errors['trainingAge'] && (
        <Txt kind="small" tone="clay" role="alert">
          {words.trainedWithLoadsForPiece}
          {errors['trainingAge'].message}
        </Txt>
      )}
      <FormField control={control} name="minutes" label={words.minutesForASession} unit={words.min} inputMode="numeric" />
      <FormField
        control={control}
        name="mass"
        label={words.bodyMass}
        unit={unit}
        inputMode="decimal"
        help={words.mayStayEmptyFirst}
      />
      <FormField
        control={control}
        name="height"
        label={words.height}
        unit={lengthUnit(unit)}
        inputMode="decimal"
        help={words.mayStayEmpty}
      />
      <FormField control={control} name="note" label={words.note} multiline />
      <Controller
        control={control}
        name="schools"
        render={({ field }) => <SchoolFields value={field.value ?? {}} onChange={field.onChange} />}
      />
      {errors['root'] && (
        <Txt tone="clay" role="alert">
          {errors['root'].message}
        </Txt>
      )}
      <Button
        look="main"
        label={person ? words.save : words.addThisPerson}
        busy={formState.isSubmitting}
        disabled={!writer.isReady}
        onPress={() => void submit()}
      />
    </Stack>
  );
};
