import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PointerEvent } from 'react-native';
import type { DayView, WeekView } from '@drubo/core/weeks';
import { formatDay, formatShortDay } from '@drubo/words/dates';
import { weeksWords } from '@drubo/words/screens/weeks';
import { RADIUS, SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { dateOfDay } from '../../ui/days';
import { IconButton } from '../../ui/IconButton';
import { Row, Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import type { Weeks } from './use-weeks';
import { dropOn } from './day-at';
import { DayCard } from './DayCard';
import type { Days } from './use-days';
import { WeekMarks } from './WeekMarks';

const words = weeksWords.week;
const WEEK = [0, 1, 2, 3, 4, 5, 6];
/** How far a finger goes sideways before it turns the week, px. */
const SWIPE = 70;

/** One week, today first; swiped or turned by its arrows. */
export const WeekPhone = ({
  weeks,
  days,
  view,
  chosen,
  onTurn,
  onChange,
  onMissed,
}: {
  weeks: Weeks;
  days: Days;
  view: WeekView;
  chosen: string | null;
  onTurn(by: number): void;
  onChange(view: DayView): void;
  onMissed(): void;
}) => {
  const palette = usePalette();
  const { plan, today, detail } = weeks;
  const { week } = view;
  const from = useRef<{ x: number; y: number } | null>(null);
  const dates = WEEK.map((at) => week.start + at);
  const isThis = dates.includes(today);
  // What is done comes after what is to come: today first.
  const ordered = isThis ? [...dates.filter((day) => day >= today), ...dates.filter((day) => day < today)] : dates;
  const up = ({ nativeEvent: { clientX, clientY } }: PointerEvent): void => {
    if (!from.current) return;
    const [dx, dy] = [clientX - from.current.x, clientY - from.current.y];
    from.current = null;
    if (Math.abs(dx) > SWIPE && Math.abs(dx) > 2 * Math.abs(dy)) onTurn(dx < 0 ? 1 : -1);
  };
  return (
    <Stack gap="s">
      <Row gap="xs" align="center">
        <IconButton icon="back" says={words.before} disabled={week.index === 0} onPress={() => onTurn(-1)} />
        <View style={styles.grow} aria-live="polite">
          <Txt kind="label" style={styles.centre}>
            {words.weekOf(week.index + 1, plan.block.weeks.length, formatShortDay(week.start), formatShortDay(week.start + 6))}
            {isThis ? ` · ${words.thisWeek}` : ''}
          </Txt>
          <WeekMarks view={view} centred />
        </View>
        <IconButton
          icon="forward"
          says={words.after}
          disabled={week.index === plan.block.weeks.length - 1}
          onPress={() => onTurn(1)}
        />
      </Row>
      <View
        style={[styles.days, styles.swiped]}
        onPointerDown={({ nativeEvent }) => (from.current = { x: nativeEvent.clientX, y: nativeEvent.clientY })}
        onPointerUp={up}
        onPointerCancel={() => (from.current = null)}
      >
        {ordered.map((day) => {
          const views = days.on(day);
          return (
            <View key={day} {...dropOn(day)} style={styles.day}>
              <Txt kind="label" tone={day === today ? 'moss' : 'quiet'}>
                {formatDay(dateOfDay(day))}
                {views.length === 0 ? ` · ${words.free}` : ''}
              </Txt>
              {views.length === 0 && <View style={[styles.free, { borderColor: palette.hairline }]} />}
              {views.map((one) => (
                <DayCard
                  key={one.day.id}
                  view={one}
                  sheet={days.sheetOf(one)}
                  isChosen={chosen === one.day.id}
                  kits={detail.kits}
                  onOpen={() => days.open(one)}
                  onChange={() => onChange(one)}
                  onMove={(to) => void weeks.move(one.day, to)}
                  onMissed={onMissed}
                />
              ))}
            </View>
          );
        })}
      </View>
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
  centre: { textAlign: 'center' },
  days: { gap: SPACE.s },
  day: { gap: SPACE.xs },
  free: { borderTopWidth: 1, borderRadius: RADIUS, minHeight: 6 },
  // Sideways belongs to the week, up and down to the page.
  swiped: { ...({ touchAction: 'pan-y' } as object) },
});
