import { StyleSheet, View } from 'react-native';
import type { KitDto } from '@drubo/contracts';
import { ROLE_RULES } from '@drubo/core/weeks';
import type { DayView } from '@drubo/core/weeks';
import { DAY_ROLE_LABELS, DAY_STATE_LABELS } from '@drubo/words/explain';
import { formatDay } from '@drubo/words/dates';
import { weeksWords } from '@drubo/words/screens/weeks';
import { usePalette } from '../../theme/use-palette';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { dateOfDay } from '../../ui/days';
import { DragGrip } from '../../ui/DragGrip';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Icon } from '../../ui/icons/Icon';
import type { IconName } from '../../ui/icons/Icon';
import { Row, Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { placeOf } from './place-of';
import { useDayDrag } from './use-day-drag';
import { musclesOf } from './week-words';

const words = weeksWords.day;

const STATE_ICONS: Record<DayView['state'], IconName> = { done: 'check', missed: 'warning', today: 'play', ahead: 'waiting' };

/** What stands behind a day: its agreed sheet, one kept for it, or nothing yet. */
export type SheetState = 'agreed' | 'kept' | 'proposed';

/** One day of a week, on a phone. */
export const DayCard = ({
  view,
  sheet,
  isChosen,
  kits,
  onOpen,
  onChange,
  onMove,
  onMissed,
}: {
  view: DayView;
  sheet: SheetState;
  isChosen: boolean;
  kits: readonly KitDto[];
  onOpen(): void;
  onChange(): void;
  onMove(to: number): void;
  onMissed(): void;
}) => {
  const palette = usePalette();
  const { day, state, on } = view;
  const label = DAY_ROLE_LABELS[day.role];
  const date = formatDay(dateOfDay(on));
  const { led } = ROLE_RULES[day.role];
  const { lifted, grip } = useDayDrag(on, onMove);
  const isOpen = state === 'ahead' || state === 'today';
  return (
    <View style={lifted}>
      <Card edge={state === 'missed' ? 'clay' : isChosen || state === 'today' ? 'moss' : undefined}>
        <Row gap="s" align="center">
          {led ? <FamilyGlyph family={led} /> : null}
          <Heading level={3} style={styles.grow}>
            {label}
          </Heading>
          <Icon name={STATE_ICONS[state]} size={18} color={state === 'missed' ? palette.clay : palette.quiet} />
          <Txt kind="label" tone={state === 'missed' ? 'clay' : 'quiet'}>
            {DAY_STATE_LABELS[state]}
          </Txt>
          {isOpen && <DragGrip {...grip} />}
        </Row>
        <Txt kind="small">{musclesOf(view).join(' · ')}</Txt>
        <Txt kind="small" tone="quiet">
          {[
            ...placeOf(day, kits),
            ...(isOpen ? [{ agreed: words.sheetReady, kept: words.kept, proposed: words.proposed }[sheet]] : []),
          ].join(' · ')}
        </Txt>
        <Wrap gap="s">
          {state === 'missed' ? (
            <Button grow label={words.takeMissed} onPress={onMissed} />
          ) : (
            <Button grow label={words.open} says={words.openOf(label, date)} onPress={onOpen} />
          )}
          {state !== 'done' && <Button grow label={words.change} says={words.changeOf(label, date)} onPress={onChange} />}
        </Wrap>
      </Card>
    </View>
  );
};

const styles = StyleSheet.create({ grow: { flexGrow: 1, flexShrink: 1 } });
