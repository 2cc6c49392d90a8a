import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { BODY_AREAS, OUTLINE, SIDE_WORDS } from './body-areas';
import type { BodyArea } from './body-areas';
import { careWords } from '@drubo/words/screens/care';

const words = careWords.bodyOutline;

/** One half of a standing body in one chalk line, from the neck down to the foot; the other half is its mirror. */
const HALF =
  'M9 50 C10 62 16 66 30 72 C42 76 46 86 48 104 L58 176 L66 240 L60 246 L50 196 L40 128 L36 168 C38 188 40 204 38 226 L36 318 L34 396 L40 418 L22 420 L20 404 L14 322 L4 236';

/** How a place is marked: how sore it is, or only that something is there. */
export interface AreaMark {
  areaId: string;
  label: string;
  says: string;
}

const OneView = ({
  view,
  marks,
  onPick,
}: {
  view: BodyArea['view'];
  marks: readonly AreaMark[];
  onPick(area: BodyArea): void;
}) => {
  const palette = usePalette();
  return (
    <View style={styles.column}>
      <Txt kind="label" tone="quiet">
        {view === 'front' ? words.front : words.back}
      </Txt>
      <View style={{ width: OUTLINE.width, height: OUTLINE.height }}>
        <Svg width={OUTLINE.width} height={OUTLINE.height} viewBox={`0 0 ${OUTLINE.width} ${OUTLINE.height}`} aria-hidden>
          <Circle cx={OUTLINE.middle} cy={28} r={21} stroke={palette.ink} strokeWidth={2.5} fill="none" />
          {[1, -1].map((way) => (
            <Path
              key={way}
              d={HALF}
              transform={`translate(${OUTLINE.middle} 0) scale(${way} 1)`}
              stroke={palette.ink}
              strokeWidth={2.5}
              strokeLinejoin="round"
              strokeLinecap="round"
              fill="none"
            />
          ))}
          {view === 'back' && (
            <Path d={`M${OUTLINE.middle} 78V150`} stroke={palette.quiet} strokeWidth={2} strokeDasharray="4 6" fill="none" />
          )}
        </Svg>
        {(['left', 'right'] as const).map((side) => (
          <Txt
            key={side}
            kind="small"
            tone="quiet"
            style={[styles.side, (side === 'left') === (view === 'front') ? { right: 0 } : { left: 0 }]}
          >
            {SIDE_WORDS[side]}
          </Txt>
        ))}
        {BODY_AREAS.filter((area) => area.view === view).map((area) => {
          const mark = marks.find(({ areaId }) => areaId === area.id);
          return (
            <Pressable
              key={area.id}
              role="button"
              aria-label={mark ? `${area.name}: ${mark.says}` : area.name}
              aria-pressed={mark !== undefined}
              onPress={() => onPick(area)}
              style={[styles.target, { left: area.x - TARGET.usual / 2, top: area.y - TARGET.usual / 2 }]}
            >
              <View
                style={[
                  mark ? styles.marked : styles.dot,
                  { borderColor: mark ? palette.clay : palette.edge, backgroundColor: mark ? palette.clayTint : palette.card },
                ]}
              >
                {mark ? (
                  <Txt kind="label" tone="clay">
                    {mark.label}
                  </Txt>
                ) : null}
              </View>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
};

/** A body seen from the front and the back, its places to tap. The list beside it says the same in words. */
export const BodyOutline = ({ marks, onPick }: { marks: readonly AreaMark[]; onPick(area: BodyArea): void }) => (
  <Wrap gap="s" style={styles.row}>
    <OneView view="front" marks={marks} onPick={onPick} />
    <OneView view="back" marks={marks} onPick={onPick} />
  </Wrap>
);

const styles = StyleSheet.create({
  row: { justifyContent: 'center' },
  column: { alignItems: 'center' },
  target: { position: 'absolute', width: TARGET.usual, height: TARGET.usual, alignItems: 'center', justifyContent: 'center' },
  side: { position: 'absolute', bottom: 0 },
  dot: { width: 16, height: 16, borderRadius: 8, borderWidth: 2 },
  marked: { minWidth: 32, height: 32, borderRadius: 16, borderWidth: 2, alignItems: 'center', justifyContent: 'center' },
});
