import { weeksWords } from '@drubo/words/screens/weeks';
import { nextDay } from '@drubo/core/weeks';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Row, Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import type { Weeks } from './use-weeks';

const words = weeksWords.blockHead;

/** Which block it is, and what its lifts go for; where it is over, what to do next. */
export const BlockHead = ({ weeks, index, onPlanNext }: { weeks: Weeks; index: number; onPlanNext(): void }) => {
  const { plan, kept, today } = weeks;
  const { block } = plan;
  const isOver = nextDay(plan, kept.trained, today) === null;
  if (isOver) {
    return (
      <Card edge="saffron">
        <Heading>{words.blockOver(block.number + 1)}</Heading>
        <Txt>{words.over}</Txt>
        <Button look="main" label={words.planNext} onPress={onPlanNext} />
      </Card>
    );
  }
  return (
    <Row gap="s" align="center">
      <Stack gap="xs" style={{ flexGrow: 1, flexShrink: 1 }}>
        <Heading>{words.block(block.number + 1, index + 1, block.weeks.length)}</Heading>
        {block.zone && (
          <Txt kind="small" tone="quiet">
            {words.zone(block.zone.low, block.zone.high)}
          </Txt>
        )}
      </Stack>
      <WhyDot about={words.whyBlock} reasons={[...block.why, ...(block.weeks[index]?.why ?? [])]} />
    </Row>
  );
};
