import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { studioFormSchema } from '@drubo/contracts';
import type { StudioDto } from '@drubo/contracts';
import { RefusedError } from '../../data/api';
import { useWriter } from '../../data/offline/QueueProvider';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { FormField } from '../../ui/FormField';
import { Stack } from '../../ui/layout';
import { TimeZoneField } from '../../ui/TimeZoneField';
import { Txt } from '../../ui/Txt';
import { useSnack } from '../../frame/SnackProvider';
import { studioWords } from '@drubo/words/screens/studio';

const words = studioWords.studioForm;

const UNITS = [
  { value: 'kg', label: words.kilograms },
  { value: 'lb', label: words.pounds },
] as const;

/** Name, unit and time zone. Loads stay as the pieces are labelled; sums are read in the unit. */
export const StudioForm = ({ studio }: { studio: StudioDto }) => {
  const writer = useWriter();
  const snack = useSnack();
  const { name, unit, timeZone } = studio;
  const { control, handleSubmit, setError, formState } = useForm({
    resolver: zodResolver(studioFormSchema),
    defaultValues: { name, unit, timeZone },
  });
  const submit = handleSubmit(async (values) => {
    try {
      await writer.save({
        endpointId: 'saveStudio',
        params: {},
        body: { version: studio.version, ...values },
        aggregate: `studio:${studio.id}`,
      });
      snack({ text: words.saved });
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      setError('root', { message: error.message });
    }
  });
  return (
    <Stack gap="m">
      <FormField control={control} name="name" label={words.studioName} />
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
      {formState.errors.root && (
        <Txt tone="clay" role="alert">
          {formState.errors.root.message}
        </Txt>
      )}
      <Button label={words.save} busy={formState.isSubmitting} disabled={!writer.isReady} onPress={() => void submit()} />
    </Stack>
  );
};
