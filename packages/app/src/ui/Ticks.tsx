import { Chip } from './Chip';
import { Stack, Wrap } from './layout';
import { Txt } from './Txt';

/** Any number of a few things, as chips that are pressed or not. */
export const Ticks = <Value extends string>({
  label,
  help,
  options,
  values,
  tone,
  onChange,
}: {
  label: string;
  help?: string;
  options: readonly { value: Value; label: string }[];
  values: readonly Value[];
  tone?: 'moss' | 'clay' | 'saffron';
  onChange(values: Value[]): void;
}) => {
  const toggle = (value: Value) =>
    onChange(values.includes(value) ? values.filter((other) => other !== value) : [...values, value]);
  return (
    <Stack role="group" aria-label={label} gap="xs">
      <Txt kind="small" tone="quiet">
        {label}
        {help ? `. ${help}` : ''}
      </Txt>
      <Wrap gap="s">
        {options.map(({ value, label: text }) => (
          <Chip
            key={value}
            label={text}
            chosen={values.includes(value)}
            onPress={() => toggle(value)}
            {...(tone ? { tone } : {})}
          />
        ))}
      </Wrap>
    </Stack>
  );
};
