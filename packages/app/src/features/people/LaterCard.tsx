import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { PersonDetailDto } from '@drubo/contracts';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { formatDay } from '../../ui/days';
import { Heading, Txt } from '../../ui/Txt';

/** Copies of sheets that wait for their day. Each becomes the next sheet when the person trains on it or after. */
export const LaterCard = ({ later }: { later: PersonDetailDto['later'] }) => {
  const router = useRouter();
  if (later.length === 0) return null;
  return (
    <Card>
      <Heading>Kept for later</Heading>
      {later.map(({ id, forDate, exercises }) => (
        <View key={id} style={styles.row}>
          <Txt style={styles.grow}>
            {formatDay(forDate)} · {exercises} exercises
          </Txt>
          <Button label="Open" says={`Open the copy for ${formatDay(forDate)}`} onPress={() => router.push(`/sheet/${id}`)} />
        </View>
      ))}
    </Card>
  );
};

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flexGrow: 1, flexShrink: 1 },
});
