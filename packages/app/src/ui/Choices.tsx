import { Chip } from './Chip';
import { Stack, Wrap } from './layout';
import { Txt } from './Txt';

/** One of a few, as a row of chips that screen readers see as a radio group. */
export const Choices = <Value extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly { value: Value; label: string }[];
  value: Value | null;
  onChange(value: Value): void;
}) => (
  <Stack role="radiogroup" aria-label={label} gap="xs">
    <Txt kind="small" tone="quiet">
      {label}
    </Txt>
    <Wrap gap="s">
      {options.map((option) => (
        <Chip
          key={option.value}
          role="radio"
          label={option.label}
          chosen={option.value === value}
          onPress={() => onChange(option.value)}
        />
      ))}
    </Wrap>
  </Stack>
);
