import { Pressable, StyleSheet, View } from 'react-native';
import { SPACE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Row } from './layout';
import { pressOnSpace } from './press-on-space';
import { Txt } from './Txt';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.notchRail;

/** A rail with notches from easy to hard, or side by side where there is no easier. One is chosen. */
export const NotchRail = ({
  label,
  notches,
  chosen,
  ordered,
  onChange,
}: {
  label: string;
  notches: readonly string[];
  chosen: number;
  ordered: boolean;
  onChange(at: number): void;
}) => {
  const palette = usePalette();
  return (
    <View role="radiogroup" aria-label={ordered ? words.easyToHard(label) : label} style={styles.rail}>
      <View style={[styles.line, { backgroundColor: palette.edge }]} />
      <Row align="stretch">
        {notches.map((notch, at) => (
          <Pressable
            key={notch}
            role="radio"
            aria-checked={at === chosen}
            aria-label={`${label}: ${notch}`}
            onPress={() => onChange(at)}
            {...pressOnSpace(() => onChange(at))}
            style={styles.notch}
          >
            <View
              style={[
                styles.dot,
                {
                  borderColor: at === chosen ? palette.moss : palette.edge,
                  backgroundColor: at === chosen ? palette.moss : palette.card,
                },
                at === chosen && styles.big,
              ]}
            />
            <Txt kind="small" tone={at === chosen ? 'moss' : 'ink'} style={styles.word}>
              {notch}
            </Txt>
          </Pressable>
        ))}
      </Row>
      {ordered && (
        <Row align="stretch" style={styles.ends}>
          <Txt kind="small" tone="quiet">
            {words.easier}
          </Txt>
          <Txt kind="small" tone="quiet">
            {words.harder}
          </Txt>
        </Row>
      )}
    </View>
  );
};

const styles = StyleSheet.create({
  // A little wider than its card's text, so that seven notches are still a thumb wide each.
  rail: { paddingTop: SPACE.s, marginHorizontal: -SPACE.xs - 2 },
  line: { position: 'absolute', left: 24, right: 24, top: 22, height: 2 },
  notch: { flexGrow: 1, flexBasis: 0, minHeight: TARGET.usual, alignItems: 'center', justifyContent: 'flex-start', gap: 4 },
  dot: { width: 16, height: 16, borderRadius: 8, borderWidth: 2, marginTop: 7 },
  big: { width: 22, height: 22, borderRadius: 11, marginTop: 4 },
  word: { textAlign: 'center', fontSize: 13 },
  ends: { justifyContent: 'space-between', paddingHorizontal: SPACE.xs },
});
