import { useTheme } from 'react-native-paper';
import { FONTS, RADIUS, SPACE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Stack } from './layout';
import { Txt } from './Txt';

/** The browser's own date or time picker: the one every phone already has. Web target only, like the rest. */
export const DateTimeField = ({
  label,
  type,
  value,
  min,
  onChange,
  error,
}: {
  label: string;
  type: 'date' | 'time';
  value: string;
  min?: string;
  onChange(value: string): void;
  error?: string | undefined;
}) => {
  const palette = usePalette();
  const { dark } = useTheme();
  return (
    <Stack gap="xs" style={{ flexGrow: 1, flexBasis: 0, minWidth: 140 }}>
      <label style={{ fontFamily: FONTS.text, fontSize: 14, color: palette.quiet }}>
        {label}
        <input
          type={type}
          value={value}
          min={min}
          aria-invalid={Boolean(error)}
          onChange={(event) => onChange(event.target.value)}
          style={{
            display: 'block',
            boxSizing: 'border-box',
            width: '100%',
            marginTop: SPACE.xs,
            minHeight: TARGET.usual,
            padding: `0 ${SPACE.m}px`,
            fontFamily: FONTS.text,
            fontSize: 16,
            color: palette.ink,
            colorScheme: dark ? 'dark' : 'light',
            background: palette.card,
            border: `1px solid ${error ? palette.clay : palette.edge}`,
            borderRadius: RADIUS,
          }}
        />
      </label>
      {error ? (
        <Txt kind="small" tone="clay" role="alert">
          {error}
        </Txt>
      ) : null}
    </Stack>
  );
};
