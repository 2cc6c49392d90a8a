import { useRouter } from 'expo-router';
import { StyleSheet } from 'react-native';
import type { PersonDetailDto } from '@drubo/contracts';
import { counted } from '@drubo/words/explain';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { formatDay } from '../../ui/days';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';

/** Copies of sheets that wait for their day. Each becomes the next sheet when the person trains on it or after. */
export const LaterCard = ({ later }: { later: PersonDetailDto['later'] }) => {
  const router = useRouter();
  if (later.length === 0) return null;
  return (
    <Card>
      <Heading>Kept for later</Heading>
      {later.map(({ id, forDate, exercises }) => (
        <Row key={id} gap="s">
          <Txt style={styles.grow}>
            {formatDay(forDate)} · {counted(exercises, 'exercise')}
          </Txt>
          <Button label="Open" says={`Open the copy for ${formatDay(forDate)}`} onPress={() => router.push(`/sheet/${id}`)} />
        </Row>
      ))}
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
});
