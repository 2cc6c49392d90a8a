import { StyleSheet, View } from 'react-native';
import type { NeedView } from '@drubo/core/weeks';
import { NEED_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Card } from '../../ui/Card';
import { Row, Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { inSets } from './week-words';

const words = weeksWords.bars;

/** A week's hard sets by muscle: what was done of what is aimed at, with floor and cap. */
export const MuscleBars = ({ needs, isOver }: { needs: readonly NeedView[]; isOver: boolean }) => (
  <Card>
    <Heading>{words.title}</Heading>
    <Stack gap="s" role="list" aria-label={words.title}>
      {needs.map((need) => (
        <Bar key={need.need} view={need} isOver={isOver} />
      ))}
    </Stack>
    <Txt kind="small" tone="quiet">
      {words.legend}
    </Txt>
  </Card>
);

const Bar = ({ view, isOver }: { view: NeedView; isOver: boolean }) => {
  const palette = usePalette();
  const { need, floor, aim, cap, done } = view;
  const label = NEED_LABELS[need];
  const end = Math.max(cap, done, 1);
  const share = (sets: number) => `${Math.min(100, (100 * sets) / end)}%` as const;
  const note = done > cap ? words.above : isOver && done < floor - 0.01 ? words.unmet : null;
  return (
    <View role="listitem" aria-label={words.say(label, inSets(done), inSets(aim), inSets(floor), inSets(cap))}>
      <Row gap="s" style={styles.head}>
        <Txt kind="label" style={styles.grow}>
          {label}
        </Txt>
        {note && (
          <Txt kind="small" tone="clay">
            {note}
          </Txt>
        )}
        <Txt kind="label">{words.numbers(inSets(done), inSets(aim))}</Txt>
      </Row>
      <View style={[styles.track, { backgroundColor: palette.hairline }]}>
        <View style={[styles.part, { width: share(aim), borderColor: palette.moss, borderWidth: 1.5 }]} />
        <View style={[styles.part, { width: share(done), backgroundColor: done > cap ? palette.clay : palette.moss }]} />
        {floor > 0 && <View style={[styles.mark, { left: share(floor), backgroundColor: palette.ink }]} />}
      </View>
    </View>
  );
};

const styles = StyleSheet.create({
  head: { justifyContent: 'space-between' },
  grow: { flexGrow: 1, flexShrink: 1 },
  track: { height: 12, borderRadius: 3, marginTop: SPACE.xs },
  part: { position: 'absolute', left: 0, top: 0, bottom: 0, borderRadius: 3 },
  mark: { position: 'absolute', top: -3, bottom: -3, width: 2 },
});
