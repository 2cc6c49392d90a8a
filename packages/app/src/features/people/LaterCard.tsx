import { formatDay } from '@drubo/words/dates';
import { useRouter } from 'expo-router';
import { StyleSheet } from 'react-native';
import type { PersonDetailDto } from '@drubo/contracts';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { peopleWords } from '@drubo/words/screens/people';

const words = peopleWords.laterCard;

/** Copies of sheets that wait for their day. Each becomes the next sheet when the person trains on it or after. */
export const LaterCard = ({ later }: { later: PersonDetailDto['later'] }) => {
  const router = useRouter();
  if (later.length === 0) return null;
  return (
    <Card>
      <Heading>{words.keptForLater}</Heading>
      {later.map(({ id, forDate, exercises }) => (
        <Row key={id} gap="s">
          <Txt style={styles.grow}>
            {formatDay(forDate)} · {words.exerciseCount(exercises)}
          </Txt>
          <Button
            label={words.open}
            says={words.openTheCopyFor(formatDay(forDate))}
            onPress={() => router.push(`/sheet/${id}`)}
          />
        </Row>
      ))}
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
});
