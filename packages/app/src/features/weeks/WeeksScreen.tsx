import type { PersonId } from '@drubo/core/vocabulary';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PersonDetailDto } from '@drubo/contracts';
import { weekToShow } from '@drubo/core/weeks';
import type { DayView } from '@drubo/core/weeks';
import { formatShortDay } from '@drubo/words/dates';
import { weeksWords } from '@drubo/words/screens/weeks';
import { useCommands } from '../../data/offline/QueueProvider';
import { usePerson } from '../../data/use-person';
import { usePlanWriter } from '../../data/use-plan-writer';
import { Screen } from '../../frame/Screen';
import { useWide } from '../../frame/use-wide';
import { SPACE } from '../../theme/tokens';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { IconButton } from '../../ui/IconButton';
import { Row } from '../../ui/layout';
import { Empty, Shown } from '../../ui/states';
import { Heading, Txt } from '../../ui/Txt';
import { useWeeks } from './use-weeks';
import type { Weeks } from './use-weeks';
import { BeginDialog } from './BeginDialog';
import { BlockGrid } from './BlockGrid';
import { BlockHead } from './BlockHead';
import { DayCard } from './DayCard';
import { DayDialog } from './DayDialog';
import { MuscleBars } from './MuscleBars';
import { Notices } from './Notices';
import { PlanMenu } from './PlanMenu';
import { TurnedCard } from './TurnedCard';
import { useDays } from './use-days';
import { useWeekKeys } from './use-week-keys';
import { WeekPhone } from './WeekPhone';

const words = weeksWords;

/** A person's weeks: what leads each day, how sets grow, what was done, and what follows from what was not. */
export const WeeksScreen = () => {
  const { personId, move } = useLocalSearchParams<{ personId: PersonId; move?: string }>();
  const query = usePerson(personId);
  return (
    <Shown what={words.thisPerson} query={query}>
      {(detail) => <WeeksPage detail={detail} move={move} />}
    </Shown>
  );
};

/** `move`: a day that is to be moved, from where somebody was told of it. */
const WeeksPage = ({ detail, move }: { detail: PersonDetailDto; move: string | undefined }) => {
  const weeks = useWeeks(detail);
  return weeks ? <Planned key={weeks.plan.block.id} weeks={weeks} move={move} /> : <Unplanned detail={detail} />;
};

const Unplanned = ({ detail }: { detail: PersonDetailDto }) => {
  const { person, nextSheet, plan } = detail;
  const writer = usePlanWriter(person.id);
  const commands = useCommands();
  const [isOpen, setOpen] = useState(false);
  const isWaiting = commands.some(
    ({ endpointId, state, params }) => endpointId === 'beginPlan' && state === 'waiting' && params.personId === person.id,
  );
  const why =
    person.archivedAt !== null ? words.none.archived : nextSheet.care.state === 'see-clinician-first' ? words.none.held : null;
  return (
    <Screen title={words.weeks} beside={person.name} back={`/people/${person.id}`}>
      <Empty title={words.none.title} text={isWaiting ? words.none.waiting : (why ?? words.none.text)}>
        {why === null && !isWaiting && (
          <Button look="main" label={words.none.begin} disabled={!writer.isReady} onPress={() => setOpen(true)} />
        )}
        {plan?.canUndo === true && (
          <Button label={words.menu.undo} disabled={!writer.isReady} onPress={() => void writer.undo(plan.version)} />
        )}
      </Empty>
      {isOpen && <BeginDialog detail={detail} writer={writer} onClose={() => setOpen(false)} />}
    </Screen>
  );
};

type Opened = { is: 'menu' } | { is: 'begin' } | { is: 'day'; view: DayView };

const Planned = ({ weeks, move }: { weeks: Weeks; move: string | undefined }) => {
  const { isWide } = useWide();
  const { plan, kept, today, detail, writer } = weeks;
  const days = useDays(weeks);
  const [index, setIndex] = useState(() => weekToShow(plan, today));
  const [chosenId, setChosen] = useState<string | null>(null);
  const toMove = days.views.flatMap((week) => week.days).find(({ day, state }) => day.id === move && state !== 'done');
  const [open, setOpen] = useState<Opened | null>(toMove ? { is: 'day', view: toMove } : null);
  const view = days.views[index] ?? days.views[0];
  const chosen = days.views.flatMap((week) => week.days).find(({ day }) => day.id === chosenId) ?? null;
  const choose = (next: DayView | null, week: number) => {
    setChosen(next?.day.id ?? null);
    setIndex(week);
  };
  const turn = (by: number) => setIndex(Math.max(0, Math.min(days.views.length - 1, index + by)));
  useWeekKeys({ weeks, days, index, chosen, choose, turn, isOn: open === null });
  if (!view) return null;
  const change = (of: DayView) => setOpen({ is: 'day', view: of });
  const isOver = view.week.start + 7 <= today;
  const answerMissed = () => {
    // The card of what follows stands on top of the page.
    if (typeof window !== 'undefined') document.querySelector('[role=main]')?.scrollIntoView();
  };
  return (
    <Screen
      title={words.weeks}
      beside={detail.person.name}
      back={`/people/${detail.person.id}`}
      actions={
        <>
          <IconButton
            icon="undo"
            says={words.menu.undo}
            disabled={!kept.canUndo || !writer.isReady}
            onPress={() => void weeks.undo()}
          />
          <IconButton icon="more" says={words.menu.change} onPress={() => setOpen({ is: 'menu' })} />
        </>
      }
    >
      <BlockHead weeks={weeks} index={view.week.index} onPlanNext={() => setOpen({ is: 'begin' })} />
      {writer.problem !== null && !weeks.asked && weeks.missed.length === 0 && (
        <Card edge="clay">
          <Txt role="alert">{writer.problem}</Txt>
        </Card>
      )}
      <Notices weeks={weeks} />
      {isWide ? (
        <>
          <BlockGrid weeks={weeks} days={days} index={index} chosen={chosenId} onChoose={choose} />
          <Row gap="m" align="start">
            <View style={styles.half}>
              <MuscleBars needs={view.needs} isOver={isOver} />
            </View>
            <View style={styles.half}>
              {chosen && (
                <DayCard
                  view={chosen}
                  sheet={days.sheetOf(chosen)}
                  isChosen
                  kits={detail.kits}
                  onOpen={() => days.open(chosen)}
                  onChange={() => change(chosen)}
                  onMove={(to) => void weeks.move(chosen.day, to)}
                  onMissed={answerMissed}
                />
              )}
              <TurnedCard turned={plan.turned} />
              <OverCard weeks={weeks} />
            </View>
          </Row>
        </>
      ) : (
        <>
          <WeekPhone
            weeks={weeks}
            days={days}
            view={view}
            chosen={chosenId}
            onTurn={turn}
            onChange={change}
            onMissed={answerMissed}
          />
          <MuscleBars needs={view.needs} isOver={isOver} />
          <TurnedCard turned={plan.turned} />
          <OverCard weeks={weeks} />
        </>
      )}
      {open?.is === 'menu' && <PlanMenu weeks={weeks} onClose={() => setOpen(null)} />}
      {open?.is === 'begin' && <BeginDialog detail={detail} writer={writer} onClose={() => setOpen(null)} />}
      {open?.is === 'day' && <DayDialog weeks={weeks} view={open.view} onClose={() => setOpen(null)} />}
    </Screen>
  );
};

/** Blocks that are over, in a line each. */
const OverCard = ({ weeks }: { weeks: Weeks }) => {
  const { over } = weeks.kept;
  if (over.length === 0) return null;
  return (
    <Card>
      <Heading>{words.over.title}</Heading>
      {over.map(({ id, number, start, weeks: done }) => {
        const sum = (key: 'daysDone' | 'daysPlanned') => done.reduce((all, week) => all + week[key], 0);
        return (
          <Txt key={id} kind="small">
            {words.over.line(number + 1, formatShortDay(start), done.length, sum('daysDone'), sum('daysPlanned'))}
          </Txt>
        );
      })}
    </Card>
  );
};

const styles = StyleSheet.create({ half: { flexGrow: 1, flexShrink: 1, flexBasis: 0, gap: SPACE.m } });
