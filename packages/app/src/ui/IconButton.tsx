import { Pressable, StyleSheet } from 'react-native';
import { RADIUS, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Icon } from './icons/Icon';
import type { IconName } from './icons/Icon';

/** A square button with an icon only; `says` is its name for screen readers. */
export const IconButton = ({
  icon,
  says,
  onPress,
  disabled = false,
  framed = false,
  size = TARGET.usual,
}: {
  icon: IconName;
  says: string;
  onPress(): void;
  disabled?: boolean;
  framed?: boolean;
  size?: number;
}) => {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={says}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={({ pressed }) => [
        styles.box,
        { width: size, height: size, opacity: pressed ? 0.6 : 1 },
        framed && { borderWidth: 1, borderColor: palette.edge, backgroundColor: palette.card },
      ]}
    >
      <Icon name={icon} color={disabled ? palette.edge : palette.ink} />
    </Pressable>
  );
};

const styles = StyleSheet.create({ box: { alignItems: 'center', justifyContent: 'center', borderRadius: RADIUS } });
