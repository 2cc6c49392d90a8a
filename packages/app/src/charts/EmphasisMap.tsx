import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Text } from 'react-native-svg';
import { EMPHASIS_LABELS } from '@drubo/words/explain';
import type { EmphasisId, Family } from '@drubo/core/vocabulary';
import { familyTone } from '../theme/family-tone';
import { FONTS } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Row, Stack } from '../ui/layout';
import { Txt } from '../ui/Txt';
import { chartsWords } from '@drubo/words/screens/charts';

const words = chartsWords.emphasisMap;

/** Where a muscle lies on the drawn bodies: front (left) or back (right), from and to, on a 60 × 120 grid each. */
const PLACES: Partial<Record<EmphasisId, { back: boolean; lines: [number, number, number, number][] }>> = {
  'front-thigh': {
    back: false,
    lines: [
      [24, 64, 23, 84],
      [36, 64, 37, 84],
    ],
  },
  adductors: {
    back: false,
    lines: [
      [28.5, 64, 28, 78],
      [31.5, 64, 32, 78],
    ],
  },
  trunk: { back: false, lines: [[30, 34, 30, 54]] },
  'side-hip': {
    back: false,
    lines: [
      [20, 54, 19, 63],
      [40, 54, 41, 63],
    ],
  },
  glutes: {
    back: true,
    lines: [
      [24, 57, 25, 63],
      [36, 57, 35, 63],
    ],
  },
  hamstrings: {
    back: true,
    lines: [
      [24, 68, 23, 85],
      [36, 68, 37, 85],
    ],
  },
  calves: {
    back: true,
    lines: [
      [23, 91, 23, 104],
      [37, 91, 37, 104],
    ],
  },
  'low-back': { back: true, lines: [[30, 42, 30, 54]] },
};

const strength = (value: number): string => (value >= 0.75 ? words.aLot : value >= 0.45 ? words.some : words.aLittle);

/** What a movement trains, drawn on a front and a back; the thicker the line the more. Words stand beside it. */
export const EmphasisMap = ({
  emphasis,
  family,
  wordsFor = (_id, value) => strength(value),
  size = 150,
}: {
  emphasis: Partial<Record<EmphasisId, number>>;
  family: Family;
  /** What is said of each; how much of it there is, unless told. */
  wordsFor?: (id: EmphasisId, value: number) => string;
  size?: number;
}) => {
  const palette = usePalette();
  const tone = familyTone(family);
  const tint = palette[tone === 'quiet' ? 'moss' : tone];
  const entries = (Object.entries(emphasis) as [EmphasisId, number][]).sort((a, b) => b[1] - a[1]);
  const says = entries.map(([id, value]) => `${EMPHASIS_LABELS[id]}: ${wordsFor(id, value)}`).join(', ');
  return (
    <Row gap="m">
      <Svg width={size} height={size} viewBox="0 0 124 124" role="img" aria-label={words.trains(says)}>
        {[false, true].map((back) => (
          <G key={String(back)} x={back ? 62 : 0}>
            <Body color={palette.hairline} />
            {entries.flatMap(([id, value]) =>
              (PLACES[id]?.back === back ? PLACES[id].lines : []).map(([x1, y1, x2, y2], at) => (
                <Line
                  key={`${id}-${at}`}
                  x1={x1}
                  y1={y1}
                  x2={x2}
                  y2={y2}
                  stroke={tint}
                  strokeWidth={1.5 + value * 5.5}
                  strokeLinecap="round"
                />
              )),
            )}
            <Text x={30} y={122} fontSize={8} fontFamily={FONTS.text} fill={palette.quiet} textAnchor="middle">
              {back ? words.back : words.front}
            </Text>
          </G>
        ))}
      </Svg>
      <Stack gap="xs" style={styles.list} role="list" aria-label={words.trainsAtStart}>
        {entries.map(([id, value]) => (
          <Row key={id} role="listitem" gap="xs">
            <Txt kind="small" style={styles.word}>
              {EMPHASIS_LABELS[id]}
            </Txt>
            <View style={[styles.bar, { backgroundColor: palette.hairline }]}>
              <View style={{ width: `${value * 100}%`, height: 8, borderRadius: 4, backgroundColor: tint }} />
            </View>
            <Txt kind="small" tone="quiet" numberOfLines={1} style={styles.much}>
              {wordsFor(id, value)}
            </Txt>
          </Row>
        ))}
      </Stack>
    </Row>
  );
};

/** A plain standing body of lines. */
const Body = ({ color }: { color: string }) => (
  <>
    <Circle cx={30} cy={14} r={7} stroke={color} strokeWidth={3} fill="none" />
    {(
      [
        [30, 24, 30, 56],
        [17, 28, 43, 28],
        [17, 28, 13, 58],
        [43, 28, 47, 58],
        [22, 56, 38, 56],
        [24, 58, 23, 87],
        [36, 58, 37, 87],
        [23, 87, 23, 110],
        [37, 87, 37, 110],
      ] as const
    ).map(([x1, y1, x2, y2]) => (
      <Line
        key={`${x1}-${y1}-${x2}-${y2}`}
        x1={x1}
        y1={y1}
        x2={x2}
        y2={y2}
        stroke={color}
        strokeWidth={3}
        strokeLinecap="round"
      />
    ))}
  </>
);

const styles = StyleSheet.create({
  list: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  word: { width: 86 },
  bar: { flexGrow: 1, flexBasis: 0, height: 8, borderRadius: 4 },
  much: { minWidth: 52 },
});
