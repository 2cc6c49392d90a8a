import { Pressable, StyleSheet } from 'react-native';
import { RADIUS, SPACE, TARGET } from '../theme/tokens';
import type { Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { pressOnSpace } from './press-on-space';
import { Txt } from './Txt';

/** A small thing to tick. Chosen shows as a filled frame and is said as pressed, never by colour alone. */
export const Chip = ({
  label,
  chosen,
  onPress,
  onLongPress,
  tone = 'moss',
  says,
  height = TARGET.usual,
  grow = false,
  tight = false,
  role = 'button',
}: {
  label: string;
  chosen: boolean;
  onPress(): void;
  onLongPress?: () => void;
  tone?: 'moss' | 'clay' | 'saffron';
  says?: string;
  height?: number;
  grow?: boolean;
  /** Little beside the words: for a row that has to hold many. */
  tight?: boolean;
  role?: 'button' | 'radio';
}) => {
  const palette = usePalette();
  const tint: keyof Palette = ({ moss: 'mossTint', clay: 'clayTint', saffron: 'saffronTint' } as const)[tone];
  return (
    <Pressable
      role={role}
      aria-label={says ?? label}
      {...(role === 'radio' ? { 'aria-checked': chosen } : { 'aria-pressed': chosen })}
      onPress={onPress}
      {...(onLongPress ? { onLongPress } : {})}
      {...(role === 'radio' ? pressOnSpace(onPress) : {})}
      style={({ pressed }) => [
        styles.chip,
        {
          minHeight: height,
          minWidth: TARGET.usual,
          backgroundColor: chosen ? palette[tint] : palette.card,
          borderColor: chosen ? palette[tone] : palette.edge,
          borderWidth: chosen ? 2 : 1,
          opacity: pressed ? 0.75 : 1,
        },
        grow && styles.grow,
        tight && styles.tight,
      ]}
    >
      <Txt kind="label" tone={chosen ? tone : 'ink'} style={styles.label}>
        {label}
      </Txt>
    </Pressable>
  );
};

const styles = StyleSheet.create({
  chip: { borderRadius: RADIUS, maxWidth: '100%', paddingHorizontal: SPACE.s, alignItems: 'center', justifyContent: 'center' },
  grow: { flexGrow: 1, flexBasis: 0 },
  tight: { paddingHorizontal: SPACE.xs },
  label: { textAlign: 'center' },
});
