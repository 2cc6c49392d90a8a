import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { endpoints } from '@drubo/contracts';
import { problemOf } from '../../data/refusal';
import { useEnter } from '../../data/use-auth';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { FormField } from '../../ui/FormField';
import { Stack } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { TimeZoneField } from '../../ui/TimeZoneField';
import { Heading } from '../../ui/Txt';
import { signInWords } from '@drubo/words/screens/sign-in';

const words = signInWords.firstRunForm;

const UNITS = [
  { value: 'kg', label: words.kilograms },
  { value: 'lb', label: words.pounds },
] as const;

/** The studio and its first trainer, on a server that has none. */
export const FirstRunForm = () => {
  const enter = useEnter('createFirstTrainer');
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(endpoints.createFirstTrainer.body),
    defaultValues: {
      studioName: '',
      unit: 'kg' as const,
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      trainerName: '',
      loginName: '',
      password: '',
    },
  });
  const submit = handleSubmit((values) => enter.mutate(values));
  return (
    <Stack gap="m">
      <Heading>{words.setUpYourStudio}</Heading>
      <FormField control={control} name="studioName" label={words.studioName} />
      <Controller
        control={control}
        name="unit"
        render={({ field }) => (
          <Choices label={words.weightsAreReadIn} options={UNITS} value={field.value} onChange={field.onChange} />
        )}
      />
      <Controller
        control={control}
        name="timeZone"
        render={({ field }) => <TimeZoneField value={field.value} onChange={field.onChange} />}
      />
      <FormField control={control} name="trainerName" label={words.yourName} autoComplete="name" />
      <FormField control={control} name="loginName" label={words.nameYouSignIn} autoComplete="username" />
      <FormField
        control={control}
        name="password"
        label={words.password}
        secureTextEntry
        autoComplete="new-password"
        help={words.atLeast10Characters}
        onSubmitEditing={() => void submit()}
      />
      <Problem text={enter.error && problemOf(enter.error)} />
      <Button look="main" label={words.createTheStudio} busy={enter.isPending} onPress={() => void submit()} />
    </Stack>
  );
};
