import { Pressable, StyleSheet, View } from 'react-native';
import { TARGET } from '../theme/tokens';
import { IconButton } from './IconButton';
import { Row } from './layout';
import { Txt } from './Txt';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.stepper;

/** A value longer than this is set a size smaller, so that it stays on one line beside 56 px buttons. */
const LONG_VALUE = 6;

/** Minus, value, plus. The value is a label with its unit, so loads can step along the kit. */
export const Stepper = ({
  label,
  value,
  onDown,
  onUp,
  size = TARGET.usual,
  hideLabel = false,
  note,
  share = 1,
  onValue,
}: {
  label: string;
  value: string;
  /** Null at the end of the scale. */
  onDown: (() => void) | null;
  onUp: (() => void) | null;
  size?: number;
  hideLabel?: boolean;
  /** A word under the value, such as what kind of weight it is. */
  note?: string;
  /** Its part of the row beside other steppers. */
  share?: number;
  /** What a tap on the value does, and what that is called. */
  onValue?: { says: string; onPress(): void };
}) => (
  <View
    role="group"
    aria-label={`${label}: ${[value, note].filter(Boolean).join(' ')}`}
    style={[styles.box, { flexGrow: share }]}
  >
    {!hideLabel && (
      <Txt kind="small" tone="quiet">
        {label}
      </Txt>
    )}
    <Row gap="xs">
      <IconButton
        runs
        framed
        size={size}
        width={TARGET.usual}
        icon="minus"
        says={words.less(label)}
        disabled={!onDown}
        onPress={() => onDown?.()}
      />
      <View style={styles.value} aria-live="polite">
        {onValue ? (
          <Pressable
            role="button"
            aria-label={onValue.says}
            onPress={onValue.onPress}
            style={{ minHeight: size, justifyContent: 'center' }}
          >
            <Value value={value} note={note} isPressed />
          </Pressable>
        ) : (
          <Value value={value} note={note} />
        )}
      </View>
      <IconButton
        runs
        framed
        size={size}
        width={TARGET.usual}
        icon="plus"
        says={words.more(label)}
        disabled={!onUp}
        onPress={() => onUp?.()}
      />
    </Row>
  </View>
);

const Value = ({ value, note, isPressed = false }: { value: string; note?: string | undefined; isPressed?: boolean }) => (
  <>
    <Txt
      kind={value.length > LONG_VALUE ? 'heading' : 'number'}
      style={[styles.centre, isPressed && { textDecorationLine: 'underline', textDecorationStyle: 'dotted' }]}
    >
      {value}
    </Txt>
    {note ? (
      <Txt kind="small" tone="quiet" style={styles.centre}>
        {note}
      </Txt>
    ) : null}
  </>
);

const styles = StyleSheet.create({
  box: { flexBasis: 0, minWidth: 150, gap: 2 },
  value: { flexGrow: 1, flexShrink: 1, flexBasis: 0, minWidth: 0 },
  centre: { textAlign: 'center' },
});
