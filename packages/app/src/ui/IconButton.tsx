import { Pressable, StyleSheet } from 'react-native';
import { RADIUS, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Icon } from './icons/Icon';
import type { IconName } from './icons/Icon';
import { useRunWhileHeld } from './use-run-while-held';

/** A square button with an icon only; `says` is its name for screen readers. */
export const IconButton = ({
  icon,
  says,
  onPress,
  disabled = false,
  framed = false,
  size = TARGET.usual,
  width = size,
  runs = false,
}: {
  icon: IconName;
  says: string;
  onPress(): void;
  disabled?: boolean;
  framed?: boolean;
  size?: number;
  /** Left out: as wide as it is high. */
  width?: number;
  /** Whether it goes on while it is held. */
  runs?: boolean;
}) => {
  const palette = usePalette();
  const held = useRunWhileHeld(onPress, runs && !disabled);
  return (
    <Pressable
      role="button"
      aria-label={says}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      {...held}
      style={({ pressed }) => [
        styles.box,
        { width, height: size, opacity: pressed ? 0.6 : 1 },
        framed && { borderWidth: 1, borderColor: palette.edge, backgroundColor: palette.card },
      ]}
    >
      <Icon name={icon} color={disabled ? palette.edge : palette.ink} />
    </Pressable>
  );
};

const styles = StyleSheet.create({ box: { alignItems: 'center', justifyContent: 'center', borderRadius: RADIUS } });
