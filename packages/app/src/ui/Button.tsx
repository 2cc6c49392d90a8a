import { Pressable, StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Icon } from './icons/Icon';
import type { IconName } from './icons/Icon';
import { Txt } from './Txt';

interface Props {
  label: string;
  onPress(): void;
  /** `main` is the one thing to do here; `danger` destroys or stops; `quiet` is a text-only button. */
  look?: 'main' | 'plain' | 'quiet' | 'danger';
  icon?: IconName;
  disabled?: boolean;
  busy?: boolean;
  /** Said by screen readers instead of the label, where the label alone is not enough. */
  says?: string;
  size?: 'usual' | 'live';
  grow?: boolean;
}

/** A button of at least 48 px (56 on the live screen). */
export const Button = ({
  label,
  onPress,
  look = 'plain',
  icon,
  disabled = false,
  busy = false,
  says,
  size = 'usual',
  grow = false,
}: Props) => {
  const palette = usePalette();
  const isOff = disabled || busy;
  const tone = isOff ? 'quiet' : ({ main: 'onMoss', plain: 'ink', quiet: 'moss', danger: 'clay' } as const)[look];
  const fill = isOff ? palette.ground : look === 'main' ? palette.moss : look === 'quiet' ? 'transparent' : palette.card;
  return (
    <Pressable
      role="button"
      aria-label={says ?? label}
      aria-disabled={isOff}
      aria-busy={busy}
      disabled={isOff}
      onPress={onPress}
      style={({ pressed }) => [
        styles.button,
        {
          minHeight: TARGET[size],
          backgroundColor: fill,
          borderColor: isOff ? palette.hairline : look === 'plain' || look === 'danger' ? palette.edge : 'transparent',
          opacity: pressed ? 0.75 : 1,
        },
        grow && styles.grow,
      ]}
    >
      {icon && (
        <View>
          <Icon name={icon} size={20} color={palette[tone]} />
        </View>
      )}
      <Txt kind={look === 'main' ? 'heading' : 'label'} tone={tone} style={styles.label}>
        {label}
      </Txt>
    </Pressable>
  );
};

const styles = StyleSheet.create({
  button: {
    borderWidth: 1,
    borderRadius: RADIUS,
    paddingHorizontal: SPACE.l,
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'center',
    gap: SPACE.s,
  },
  grow: { flexGrow: 1, flexBasis: 0 },
  label: { textAlign: 'center', flexShrink: 1 },
});
