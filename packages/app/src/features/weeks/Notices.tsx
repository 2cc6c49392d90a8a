import { weekAt } from '@drubo/core/weeks';
import type { PlanLine } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { DAY_ROLE_SHORT } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { FollowCard } from './FollowCard';
import type { Weeks } from './use-weeks';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { dateOfDay } from '../../ui/days';
import { Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { ReasonList } from '../../ui/Why';
import { ConflictCard } from './ConflictCard';
import { clashInWords } from './week-words';

const words = weeksWords;

/** What asks for a hand: changed on two phones, what follows, days too close together, a lighter week that is due. */
export const Notices = ({ weeks }: { weeks: Weeks }) => (
  <>
    <ConflictCard weeks={weeks} />
    {weeks.asked ? (
      <FollowCard
        weeks={weeks}
        lines={weeks.asked.lines}
        also={weeks.asked}
        title={words.follow.title}
        onLeave={() => weeks.ask(null)}
      />
    ) : (
      weeks.missed.length > 0 && <FollowCard weeks={weeks} lines={weeks.missed} title={words.follow.missed} />
    )}
    <Clashes weeks={weeks} />
    <LighterDue weeks={weeks} />
  </>
);

/** Heavy days of one pattern less than 48 h apart, each with a fix. */
const Clashes = ({ weeks }: { weeks: Weeks }) =>
  weeks.clashes.map(({ earlier, later, family, fix }) => (
    <Card key={`${earlier.id}-${later.id}`} edge="clay">
      <Txt>{clashInWords({ earlier, later, family })}</Txt>
      {fix === null ? (
        <Txt kind="small">{words.tooClose.noFix}</Txt>
      ) : (
        <Button
          label={words.tooClose.fix(DAY_ROLE_SHORT[later.role], formatDay(dateOfDay(fix)))}
          disabled={!weeks.writer.isReady}
          onPress={() => void weeks.move(later, fix)}
        />
      )}
    </Card>
  ));

/** The week that would be lighter: the next one, or this one where it is the block's last. */
const lighterLine = ({ plan, today, kept }: Weeks): PlanLine | null => {
  const [why] = kept.lighter;
  const next = weekAt(plan.block, today + 7) ?? weekAt(plan.block, today);
  if (!why || next?.kind !== 'loading') return null;
  const line: PlanLine = { kind: 'week-lighter', index: next.index, why };
  return plan.left.includes(`week-lighter-${next.index}`) ? null : line;
};

const LighterDue = ({ weeks }: { weeks: Weeks }) => {
  const line = lighterLine(weeks);
  if (!line) return null;
  return (
    <Card edge="saffron">
      <Heading>{words.lighter.title}</Heading>
      <ReasonList reasons={weeks.kept.lighter} />
      <Wrap gap="s">
        <Button
          look="main"
          label={words.lighter.take}
          disabled={!weeks.writer.isReady}
          onPress={() => void weeks.take([line], [])}
        />
        <Button label={words.lighter.leave} disabled={!weeks.writer.isReady} onPress={() => void weeks.take([], [line])} />
      </Wrap>
    </Card>
  );
};
