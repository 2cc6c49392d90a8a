import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { endpoints } from '@drubo/contracts';
import { useEnter } from '../../data/use-auth';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { FormField } from '../../ui/FormField';
import { Stack } from '../../ui/layout';
import { TimeZoneField } from '../../ui/TimeZoneField';
import { Heading, Txt } from '../../ui/Txt';

const UNITS = [
  { value: 'kg', label: 'Kilograms' },
  { value: 'lb', label: 'Pounds' },
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
      <Heading>Set up your studio</Heading>
      <FormField control={control} name="studioName" label="Studio name" />
      <Controller
        control={control}
        name="unit"
        render={({ field }) => (
          <Choices label="Weights are read in" options={UNITS} value={field.value} onChange={field.onChange} />
        )}
      />
      <Controller
        control={control}
        name="timeZone"
        render={({ field }) => <TimeZoneField value={field.value} onChange={field.onChange} />}
      />
      <FormField control={control} name="trainerName" label="Your name" autoComplete="name" />
      <FormField control={control} name="loginName" label="Name you sign in with" autoComplete="username" />
      <FormField
        control={control}
        name="password"
        label="Password"
        secureTextEntry
        autoComplete="new-password"
        help="At least 10 characters."
      />
      {enter.error ? (
        <Txt tone="clay" role="alert">
          {enter.error.message}
        </Txt>
      ) : null}
      <Button look="main" label="Create the studio" busy={enter.isPending} onPress={() => void submit()} />
    </Stack>
  );
};
