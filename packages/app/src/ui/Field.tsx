import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import type { ComponentProps } from 'react';
import { FONTS } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';

type InputProps = Pick<
  ComponentProps<typeof TextInput>,
  | 'value'
  | 'onChangeText'
  | 'onBlur'
  | 'secureTextEntry'
  | 'multiline'
  | 'autoComplete'
  | 'inputMode'
  | 'onSubmitEditing'
  | 'autoFocus'
  | 'selectTextOnFocus'
>;

/** A text field with its unit, and its error read out beside it. */
export const Field = ({
  label,
  unit,
  error,
  help,
  ...input
}: InputProps & { label: string; unit?: string; error?: string | undefined; help?: string }) => {
  const palette = usePalette();
  const note = error ?? help;
  return (
    <View>
      <TextInput
        mode="outlined"
        label={unit ? `${label} (${unit})` : label}
        accessibilityLabel={unit ? `${label} (${unit})` : label}
        error={Boolean(error)}
        aria-invalid={Boolean(error)}
        autoCapitalize="none"
        contentStyle={{ fontFamily: FONTS.text }}
        style={{ backgroundColor: palette.card }}
        {...(input.multiline ? { numberOfLines: 3 } : {})}
        {...input}
      />
      {note ? (
        <HelperText type={error ? 'error' : 'info'} visible role={error ? 'alert' : 'note'}>
          {error ? `${label} ${error}` : note}
        </HelperText>
      ) : null}
    </View>
  );
};
