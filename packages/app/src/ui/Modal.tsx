import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Dialog, Modal as Overlay, Portal } from 'react-native-paper';
import { uiWords } from '@drubo/words/screens/ui';
import { FONTS, RADIUS, SPACE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Button } from './Button';
import { Wrap } from './layout';
import { Problem } from './Problem';
import { useDialogFocus } from './use-dialog-focus';

const words = uiWords.modal;

interface Props {
  title: string;
  onClose(): void;
  children: ReactNode;
  /** What closing it without doing anything is called, as on its first button. */
  closes?: string;
  /** What can be done besides. */
  actions?: ReactNode;
  /** What was refused, beside the buttons where it can't be scrolled out of sight. */
  problem?: string | null;
}

/** A dialog that closes on Escape and outside taps, scrolls when it is long, and names itself. */
export const Modal = (props: Props) => {
  const palette = usePalette();
  const { width } = useWindowDimensions();
  return (
    <Portal>
      <Overlay
        visible
        onDismiss={props.onClose}
        overlayAccessibilityLabel={words.closeTheDialog}
        contentContainerStyle={[styles.dialog, { backgroundColor: palette.card, width: Math.min(width - SPACE.xl, 560) }]}
      >
        <Frame {...props} />
      </Overlay>
    </Portal>
  );
};

/** What stands inside. A component of its own, because a portal's content is mounted later than the portal. */
const Frame = ({ title, onClose, children, closes, actions, problem }: Props) => {
  const palette = usePalette();
  const root = useDialogFocus(onClose);
  const { height } = useWindowDimensions();
  return (
    <View ref={root} role="dialog" aria-modal aria-label={title} tabIndex={-1}>
      <Dialog.Title style={[styles.title, { color: palette.ink }]}>{title}</Dialog.Title>
      <Dialog.ScrollArea style={[styles.area, { maxHeight: height * 0.66, borderColor: palette.hairline }]}>
        <ScrollView contentContainerStyle={styles.content}>{children}</ScrollView>
      </Dialog.ScrollArea>
      {problem ? (
        <View style={styles.problem}>
          <Problem text={problem} />
        </View>
      ) : null}
      {closes !== undefined || actions ? (
        <Wrap gap="s" style={styles.actions}>
          {closes !== undefined && <Button label={closes} onPress={onClose} />}
          {actions}
        </Wrap>
      ) : null}
    </View>
  );
};

const styles = StyleSheet.create({
  dialog: { alignSelf: 'center', borderRadius: 1.75 * RADIUS, marginVertical: SPACE.l },
  title: { fontFamily: FONTS.heading, fontSize: 22, marginTop: SPACE.l, marginBottom: SPACE.s },
  area: { paddingHorizontal: SPACE.l, marginBottom: 0 },
  content: { gap: SPACE.l, paddingVertical: SPACE.m },
  problem: { paddingHorizontal: SPACE.l, paddingTop: SPACE.m },
  actions: { justifyContent: 'flex-end', padding: SPACE.l },
});
