import { formatDay } from '@drubo/words/dates';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { SessionLineDto } from '@drubo/contracts';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Txt } from '../../ui/Txt';
import { partsSessionsWords } from '@drubo/words/screens/parts-sessions';

const words = partsSessionsWords.sessionLine;

/** A session as a line: whose, when, how much was done, and where it leads. */
export const SessionLine = ({ line, action, nameless = false }: { line: SessionLineDto; action: string; nameless?: boolean }) => {
  const router = useRouter();
  const { session, personName, setsDone } = line;
  const href =
    session.state === 'live'
      ? (`/live/${session.id}` as const)
      : session.state === 'finished'
        ? (`/review/${session.id}` as const)
        : (`/sessions/${session.id}` as const);
  const day = formatDay(session.date);
  return (
    <Card style={styles.row}>
      <View style={styles.text}>
        <Txt kind="bold">{nameless ? day : personName}</Txt>
        <Txt kind="small" tone="quiet">
          {[
            nameless ? null : day,
            words.setCount(setsDone),
            session.entry === 'paper' ? words.fromPaper : null,
            session.effort === null ? null : words.effortOf10(session.effort),
          ]
            .filter(Boolean)
            .join(' · ')}
        </Txt>
      </View>
      <Button label={action} says={`${action}: ${personName}, ${day}`} onPress={() => router.push(href)} />
    </Card>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center' },
  text: { flexGrow: 1, flexShrink: 1 },
});
