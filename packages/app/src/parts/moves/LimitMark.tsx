import { StyleSheet, View } from 'react-native';
import type { LimitState } from '@drubo/core/vocabulary';
import { usePalette } from '../../theme/use-palette';
import { Icon } from '../../ui/icons/Icon';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { partsMovesWords } from '@drubo/words/screens/parts-moves';

const words = partsMovesWords.limitMark;

const LOOKS = {
  locked: { icon: 'close', tone: 'clay', word: words.locked },
  restricted: { icon: 'warning', tone: 'saffron', word: words.withCare },
  favoured: { icon: 'check', tone: 'moss', word: words.suitsThisLimit },
} as const;

/** What a limit makes of a movement: a mark and a word, never a colour alone. */
export const LimitMark = ({ state, text }: { state: Exclude<LimitState, 'open'>; text?: string | undefined }) => {
  const palette = usePalette();
  const { icon, tone, word } = LOOKS[state];
  return (
    <Row gap="xs" align="start">
      <View style={styles.icon}>
        <Icon name={icon} size={16} color={palette[tone]} />
      </View>
      <Txt kind="small" tone={tone} style={styles.shrink}>
        {text ?? word}
      </Txt>
    </Row>
  );
};

const styles = StyleSheet.create({
  icon: { flexShrink: 0, paddingTop: 2 },
  shrink: { flexShrink: 1 },
});
