import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Dialog, Portal } from 'react-native-paper';
import { SPACE, FONTS } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';

/** A dialog that closes on Escape and outside taps, scrolls when it is long, and names itself. */
export const Modal = ({
  title,
  onClose,
  children,
  actions,
}: {
  title: string;
  onClose(): void;
  children: ReactNode;
  actions?: ReactNode;
}) => {
  const palette = usePalette();
  const { height, width } = useWindowDimensions();
  return (
    <Portal>
      <Dialog
        visible
        onDismiss={onClose}
        style={[styles.dialog, { backgroundColor: palette.card, width: Math.min(width - SPACE.xl, 560) }]}
      >
        <Dialog.Title style={[styles.title, { color: palette.ink }]}>{title}</Dialog.Title>
        <Dialog.ScrollArea style={[styles.area, { maxHeight: height * 0.66, borderColor: palette.hairline }]}>
          <ScrollView contentContainerStyle={styles.content}>{children}</ScrollView>
        </Dialog.ScrollArea>
        {actions ? <View style={styles.actions}>{actions}</View> : null}
      </Dialog>
    </Portal>
  );
};

const styles = StyleSheet.create({
  dialog: { alignSelf: 'center', marginHorizontal: 0, marginVertical: SPACE.l },
  title: { fontFamily: FONTS.heading, fontSize: 22, marginTop: SPACE.l, marginBottom: SPACE.s },
  area: { paddingHorizontal: SPACE.l, marginBottom: 0 },
  content: { gap: SPACE.l, paddingVertical: SPACE.m },
  actions: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'flex-end', gap: SPACE.s, padding: SPACE.l },
});
