import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { endpoints } from '@drubo/contracts';
import { problemOf } from '../../data/refusal';
import { useEnter } from '../../data/use-auth';
import { Button } from '../../ui/Button';
import { FormField } from '../../ui/FormField';
import { Stack } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Heading } from '../../ui/Txt';
import { signInWords } from '@drubo/words/screens/sign-in';

const words = signInWords.joinForm;

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
      <Heading>{words.joinAStudio}</Heading>
      <FormField control={control} name="code" label={words.code} />
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
      <Button look="main" label={words.join} busy={enter.isPending} onPress={() => void submit()} />
    </Stack>
  );
};
