import { Pressable, StyleSheet, View } from 'react-native';
import type { KitDto } from '@drubo/contracts';
import type { DayView } from '@drubo/core/weeks';
import { ROLE_RULES } from '@drubo/core/weeks';
import { formatDay, formatShortDay, formatWeekday } from '@drubo/words/dates';
import { DAY_ROLE_LABELS, DAY_ROLE_SHORT, DAY_STATE_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { RADIUS, SPACE, TARGET } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { dateOfDay } from '../../ui/days';
import { DragGrip } from '../../ui/DragGrip';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import type { Weeks } from './use-weeks';
import { dropOn } from './day-at';
import { useDayDrag } from './use-day-drag';
import { placeOf } from './place-of';
import type { Days } from './use-days';
import { inSets, sumOf } from './week-words';
import { WeekMarks } from './WeekMarks';

const words = weeksWords.grid;
const WEEK = [0, 1, 2, 3, 4, 5, 6];

/** A block as a grid of weeks and days, on wide screens. */
export const BlockGrid = ({
  weeks,
  days,
  index,
  chosen,
  onChoose,
}: {
  weeks: Weeks;
  days: Days;
  index: number;
  chosen: string | null;
  onChoose(view: DayView | null, index: number): void;
}) => {
  const palette = usePalette();
  return (
    <View role="table" aria-label={words.columns} style={styles.grid}>
      <View role="row" style={styles.row}>
        <Head text={words.week} isFirst />
        {WEEK.map((at) => (
          <Head key={at} text={formatWeekday(at)} />
        ))}
        <Head text={words.sets} />
      </View>
      {days.views.map((view) => {
        const { week, needs } = view;
        const { done, aim } = sumOf(needs);
        return (
          <View key={week.index} role="row" style={styles.row}>
            <Pressable
              role="rowheader"
              onPress={() => onChoose(null, week.index)}
              style={[
                styles.cell,
                styles.first,
                { borderColor: palette.hairline },
                week.index === index && { backgroundColor: palette.mossTint },
              ]}
            >
              <Txt kind="label">{`${week.index + 1} · ${formatShortDay(week.start)}`}</Txt>
              <WeekMarks view={view} />
            </Pressable>
            {WEEK.map((at) => {
              const date = week.start + at;
              return (
                <View
                  key={at}
                  role="cell"
                  {...dropOn(date)}
                  style={[
                    styles.cell,
                    { borderColor: palette.hairline },
                    date === weeks.today && { backgroundColor: palette.saffronTint },
                  ]}
                >
                  <Txt kind="small" tone="quiet">
                    {formatShortDay(date)}
                  </Txt>
                  {days.on(date).map((one) => (
                    <DayCell
                      key={one.day.id}
                      view={one}
                      isChosen={chosen === one.day.id}
                      kits={weeks.detail.kits}
                      // A first press chooses, one more opens.
                      onChoose={() => (chosen === one.day.id ? days.open(one) : onChoose(one, week.index))}
                      onMove={(to) => void weeks.move(one.day, to)}
                    />
                  ))}
                </View>
              );
            })}
            <View role="cell" style={[styles.cell, { borderColor: palette.hairline }]}>
              <Txt kind="label">{words.setsOf(inSets(done), inSets(aim))}</Txt>
            </View>
          </View>
        );
      })}
      <Txt kind="small" tone="quiet">
        {words.keys}
      </Txt>
    </View>
  );
};

const Head = ({ text, isFirst = false }: { text: string; isFirst?: boolean }) => (
  <View role="columnheader" style={[styles.head, isFirst && styles.first]}>
    <Txt kind="small" tone="quiet">
      {text}
    </Txt>
  </View>
);

const DayCell = ({
  view,
  isChosen,
  kits,
  onChoose,
  onMove,
}: {
  view: DayView;
  isChosen: boolean;
  kits: readonly KitDto[];
  onChoose(): void;
  onMove(to: number): void;
}) => {
  const palette = usePalette();
  const { day, state, on } = view;
  const { led } = ROLE_RULES[day.role];
  const { lifted, grip } = useDayDrag(on, onMove);
  return (
    <View
      style={[
        styles.day,
        {
          borderColor: state === 'missed' ? palette.clay : isChosen ? palette.moss : palette.edge,
          backgroundColor: palette.card,
        },
        isChosen && { borderWidth: 2 },
        lifted,
      ]}
    >
      <Pressable
        role="button"
        aria-label={`${DAY_ROLE_LABELS[day.role]}, ${formatDay(dateOfDay(on))}, ${DAY_STATE_LABELS[state]}`}
        aria-pressed={isChosen}
        onPress={onChoose}
        style={styles.press}
      >
        <Row gap="xs" align="center">
          {led ? <FamilyGlyph family={led} size={16} /> : null}
          <Txt kind="small" style={styles.grow}>
            {DAY_ROLE_SHORT[day.role]}
          </Txt>
        </Row>
        <Txt kind="small" tone={state === 'missed' ? 'clay' : 'quiet'}>
          {[DAY_STATE_LABELS[state], ...placeOf(day, kits)].join(' · ')}
        </Txt>
      </Pressable>
      {isChosen && (state === 'ahead' || state === 'today') && <DragGrip {...grip} />}
    </View>
  );
};

const styles = StyleSheet.create({
  grid: { gap: SPACE.xs },
  row: { flexDirection: 'row', gap: SPACE.xs },
  head: { flexGrow: 1, flexShrink: 1, flexBasis: 0, paddingHorizontal: SPACE.xs },
  cell: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 0,
    minHeight: 72,
    borderWidth: 1,
    borderRadius: RADIUS / 2,
    padding: SPACE.xs,
    gap: SPACE.xs,
  },
  first: { flexGrow: 1.1 },
  day: { borderWidth: 1, borderRadius: RADIUS / 2 },
  press: { padding: SPACE.xs, minHeight: TARGET.usual },
  grow: { flexShrink: 1 },
});
