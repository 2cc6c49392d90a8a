import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { endpoints } from '@drubo/contracts';
import { useEnter } from '../../data/use-auth';
import { Button } from '../../ui/Button';
import { FormField } from '../../ui/FormField';
import { Stack } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Heading } from '../../ui/Txt';

/** A second trainer comes in with a code that works once. */
export const JoinForm = () => {
  const enter = useEnter('join');
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(endpoints.join.body),
    defaultValues: { code: '', trainerName: '', loginName: '', password: '' },
  });
  const submit = handleSubmit((values) => enter.mutate(values));
  return (
    <Stack gap="m">
      <Heading>Join a studio</Heading>
      <FormField control={control} name="code" label="Code" />
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
      <Problem text={enter.error?.message} />
      <Button look="main" label="Join" busy={enter.isPending} onPress={() => void submit()} />
    </Stack>
  );
};
