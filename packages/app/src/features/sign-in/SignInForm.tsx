import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { endpoints } from '@drubo/contracts';
import { useEnter } from '../../data/use-auth';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { FormField } from '../../ui/FormField';
import { Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { signInWords } from '@drubo/words/screens/sign-in';

const words = signInWords.signInForm;

const DEVICES = [
  { value: 'own', label: words.myOwn },
  { value: 'shared', label: words.shared },
] as const;

/** Name and password. */
export const SignInForm = () => {
  const enter = useEnter('signIn');
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(endpoints.signIn.body),
    defaultValues: { loginName: '', password: '', isKept: true },
  });
  const submit = handleSubmit((values) => enter.mutate(values));
  return (
    <Stack gap="m">
      <FormField
        control={control}
        name="loginName"
        label={words.nameYouSignIn}
        autoComplete="username"
        onSubmitEditing={() => void submit()}
      />
      <FormField
        control={control}
        name="password"
        label={words.password}
        secureTextEntry
        autoComplete="current-password"
        onSubmitEditing={() => void submit()}
      />
      <Controller
        control={control}
        name="isKept"
        render={({ field }) => (
          <Stack gap="xs">
            <Choices
              label={words.thisDeviceIs}
              options={DEVICES}
              value={field.value ? 'own' : 'shared'}
              onChange={(device) => field.onChange(device === 'own')}
            />
            <Txt kind="small" tone="quiet">
              {field.value ? words.ownRests : words.sharedRests}
            </Txt>
          </Stack>
        )}
      />
      {enter.error ? (
        <Txt tone="clay" role="alert">
          {enter.error.message}
        </Txt>
      ) : null}
      <Button look="main" label={words.signIn} busy={enter.isPending} onPress={() => void submit()} />
    </Stack>
  );
};
