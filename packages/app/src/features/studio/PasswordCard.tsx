import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { endpoints } from '@drubo/contracts';
import { callEndpoint, RefusedError } from '../../data/api';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { FormField } from '../../ui/FormField';
import { Problem } from '../../ui/Problem';
import { Heading } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';

const EMPTY = { current: '', next: '' };

/** A new password for oneself; every other device has to sign in again. */
export const PasswordCard = () => {
  const snack = useSnack();
  const { control, handleSubmit, setError, formState, reset } = useForm({
    resolver: zodResolver(endpoints.changePassword.body),
    defaultValues: EMPTY,
  });
  const submit = handleSubmit(async (body) => {
    try {
      await callEndpoint('changePassword', { body });
      reset(EMPTY);
      snack({ text: 'Your password is changed. Other devices have to sign in again.' });
    } catch (error) {
      if (error instanceof RefusedError) setError('root', { message: error.message });
      else setError('root', { message: 'The server can’t be reached. Your password is as it was.' });
    }
  });
  return (
    <Card>
      <Heading>Your password</Heading>
      <FormField control={control} name="current" label="Now" secureTextEntry autoComplete="current-password" />
      <FormField
        control={control}
        name="next"
        label="New"
        secureTextEntry
        autoComplete="new-password"
        help="At least 10 characters."
      />
      <Problem text={formState.errors.root?.message} />
      <Button label="Change it" busy={formState.isSubmitting} onPress={() => void submit()} />
    </Card>
  );
};
