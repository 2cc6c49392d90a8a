import type { PersonDetailDto } from '@drubo/contracts';
import { useRouter } from 'expo-router';
import { StyleSheet } from 'react-native';
import { dayNumber } from '@drubo/core';
import { weeksWords } from '@drubo/words/screens/weeks';
import { planInALine } from '../../parts/weeks/plan-in-a-line';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';

const words = weeksWords.line;

/** Somebody's block in one line, and the way to their weeks. */
export const WeeksCard = ({ detail, today }: { detail: PersonDetailDto; today: string }) => {
  const router = useRouter();
  const { person, plan } = detail;
  const line = planInALine(plan, dayNumber(today));
  return (
    <Card>
      <Row gap="s" align="center">
        <Txt kind={line ? 'label' : 'body'} tone={line ? 'ink' : 'quiet'} style={styles.grow}>
          {line ?? words.none}
        </Txt>
        <Button label={words.open} says={words.openOf(person.name)} onPress={() => router.push(`/people/${person.id}/weeks`)} />
      </Row>
    </Card>
  );
};

const styles = StyleSheet.create({ grow: { flexGrow: 1, flexShrink: 1 } });
