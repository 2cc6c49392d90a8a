import type { FloorEntryDto } from '@drubo/contracts';
import type { Due } from '@drubo/core/vocabulary';
import { useRouter } from 'expo-router';
import { StyleSheet } from 'react-native';
import { DUE_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Icon } from '../../ui/icons/Icon';
import { Row, Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';

const words = weeksWords.line;

/** Where each thing is done; null: nothing is to be done about it, only known. */
const placeOf = (due: Due, personId: string): string | null => {
  switch (due) {
    case 'limits-ask':
      return `/people/${personId}/health`;
    case 'screen-again':
      return `/people/${personId}/screening`;
    case 'plan-missed':
    case 'lighter-due':
    case 'block-ends':
      return `/people/${personId}/weeks`;
    case 'review':
      return `/people/${personId}`;
    default:
      return null;
  }
};

/** What falls due for somebody on the day, each with the way to do it. */
export const Dues = ({ entry }: { entry: FloorEntryDto }) => {
  const router = useRouter();
  const palette = usePalette();
  const { person, dues = [] } = entry;
  if (dues.length === 0) return null;
  return (
    <Stack role="list" gap="xs">
      {dues.map((due) => {
        const place = placeOf(due, person.id);
        return (
          <Row key={due} role="listitem" gap="s" align="center">
            <Icon name={due === 'lighter-week' ? 'down' : 'waiting'} size={18} color={palette.saffron} />
            <Txt kind="small" style={styles.grow}>
              {DUE_LABELS[due]}
            </Txt>
            {place && (
              <Button
                look="quiet"
                label={words.do}
                says={words.due(DUE_LABELS[due], person.name)}
                onPress={() => router.push(place as never)}
              />
            )}
          </Row>
        );
      })}
    </Stack>
  );
};

const styles = StyleSheet.create({ grow: { flexGrow: 1, flexShrink: 1 } });
