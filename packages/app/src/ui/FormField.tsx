import type { ComponentProps } from 'react';
import { useController } from 'react-hook-form';
import type { Control, FieldPath, FieldValues } from 'react-hook-form';
import { Field } from './Field';

/** A text field of a form: its value, and its error once it was left or the form was sent. */
export const FormField = <Values extends FieldValues, Transformed>({
  control,
  name,
  ...field
}: Omit<ComponentProps<typeof Field>, 'value' | 'onChangeText' | 'onBlur' | 'error'> & {
  control: Control<Values, unknown, Transformed>;
  name: FieldPath<Values>;
}) => {
  const { field: bound, fieldState } = useController({ control, name });
  return (
    <Field
      {...field}
      value={String(bound.value ?? '')}
      onChangeText={bound.onChange}
      onBlur={bound.onBlur}
      error={fieldState.error?.message}
    />
  );
};
