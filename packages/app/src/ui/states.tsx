import type { ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { ActivityIndicator } from 'react-native-paper';
import { SPACE } from '../theme/tokens';
import { UnreachableError } from '../data/api';
import { Button } from './Button';
import { Card } from './Card';
import { Stack } from './layout';
import { Heading, Txt } from './Txt';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.states;

/** Nothing here yet, and what to do next. */
export const Empty = ({ title, text, children }: { title: string; text: string; children?: ReactNode }) => (
  <Stack gap="m" align="center" style={styles.box}>
    <Heading>{title}</Heading>
    <Txt tone="quiet" style={styles.centre}>
      {text}
    </Txt>
    {children}
  </Stack>
);

const Loading = ({ what }: { what: string }) => (
  <Stack gap="m" align="center" style={styles.box} role="status" aria-label={words.loading(what)}>
    <ActivityIndicator />
    <Txt tone="quiet">{words.loading(what)}</Txt>
  </Stack>
);

/** What happened, what is safe, what to do. */
const Failed = ({ what, error, retry }: { what: string; error: unknown; retry(): void }) => {
  const isAway = error instanceof UnreachableError;
  const message = error instanceof Error ? error.message : words.somethingWentWrong;
  return (
    <Card edge="clay">
      <Heading>{isAway ? words.noConnectionFor(what) : words.cantShow(what)}</Heading>
      <Txt>{isAway ? words.thisWasNotRead : message}</Txt>
      <Button label={words.tryAgain} onPress={retry} />
    </Card>
  );
};

/** Shows a query as it stands: its data, even old data while the server is away, else loading or why not. */
export const Shown = <Data,>({
  what,
  query,
  children,
}: {
  what: string;
  query: { data: Data | undefined; error: unknown; refetch(): unknown };
  children(data: Data): ReactNode;
}) => {
  if (query.data !== undefined) return <>{children(query.data)}</>;
  return query.error ? <Failed what={what} error={query.error} retry={() => void query.refetch()} /> : <Loading what={what} />;
};

const styles = StyleSheet.create({
  box: { paddingVertical: SPACE.xxl, paddingHorizontal: SPACE.l },
  centre: { textAlign: 'center', maxWidth: 420 },
});
