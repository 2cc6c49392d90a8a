import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { endpoints } from '@drubo/contracts';
import { callEndpoint, RefusedError } from '../../data/api';
import { problemOf } from '../../data/refusal';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { FormField } from '../../ui/FormField';
import { Problem } from '../../ui/Problem';
import { Heading } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.passwordCard;

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
      snack({ text: words.yourPasswordIsChanged });
    } catch (error) {
      if (error instanceof RefusedError) setError('root', { message: problemOf(error) });
      else setError('root', { message: words.theServerCantBe });
    }
  });
  return (
    <Card>
      <Heading>{words.yourPassword}</Heading>
      <FormField control={control} name="current" label={words.now} secureTextEntry autoComplete="current-password" />
      <FormField
        control={control}
        name="next"
        label={words.new}
        secureTextEntry
        autoComplete="new-password"
        help={words.atLeast10Characters}
        onSubmitEditing={() => void submit()}
      />
      <Problem text={formState.errors.root?.message} />
      <Button label={words.changeIt} busy={formState.isSubmitting} onPress={() => void submit()} />
    </Card>
  );
};
