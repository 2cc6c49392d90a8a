import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useRouter } from 'expo-router';
import { SPACE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { IconButton } from '../ui/IconButton';
import { Row, Stack } from '../ui/layout';
import { Heading, Txt } from '../ui/Txt';
import { goBack } from './go-back';
import { QueueMark } from './QueueMark';
import { useWide } from './use-wide';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.screen;

/** One screen: its title and what belongs beside it, its content, and a main action in thumb reach. */
export const Screen = ({
  title,
  beside,
  back,
  actions,
  footer,
  children,
}: {
  title: string;
  /** A quiet line beside the title. */
  beside?: string;
  /** Where the back arrow leads; none where there is no way back. */
  back?: string;
  actions?: ReactNode;
  footer?: ReactNode;
  children: ReactNode;
}) => {
  const palette = usePalette();
  const router = useRouter();
  const { isWide } = useWide();
  return (
    <View role="main" style={[styles.fill, { backgroundColor: palette.ground }]}>
      <Row gap="xs" style={styles.head}>
        {back !== undefined && <IconButton icon="back" says={words.back} onPress={() => goBack(router, back)} />}
        <View style={styles.titles}>
          <Heading level={1} kind="title" numberOfLines={1}>
            {title}
          </Heading>
          {beside ? (
            <Txt kind="small" tone="quiet" numberOfLines={1}>
              {beside}
            </Txt>
          ) : null}
        </View>
        {!isWide && <QueueMark />}
        {actions}
      </Row>
      <ScrollView contentContainerStyle={styles.body}>{children}</ScrollView>
      {footer ? (
        <Stack gap="s" style={[styles.footer, { borderColor: palette.hairline }]}>
          {footer}
        </Stack>
      ) : null}
    </View>
  );
};

const styles = StyleSheet.create({
  fill: { flex: 1 },
  head: { paddingHorizontal: SPACE.l, paddingTop: SPACE.s, minHeight: 60, width: '100%', maxWidth: 1168 },
  titles: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  body: { padding: SPACE.l, paddingTop: SPACE.s, gap: SPACE.m, width: '100%', maxWidth: 1168 },
  footer: { padding: SPACE.m, borderTopWidth: 1, width: '100%', maxWidth: 1168 },
});
