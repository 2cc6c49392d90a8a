import type { ReviewDto } from '@drubo/contracts';
import { formatDay } from '@drubo/words/dates';
import { DAY_ROLE_SHORT } from '@drubo/words/explain';
import { reviewWords } from '@drubo/words/screens/review';
import { dayInALine } from '../../parts/weeks/day-in-a-line';
import { MOVEMENTS } from '../../parts/sheet/ChangeList';
import { Card } from '../../ui/Card';
import { dateOfDay } from '../../ui/days';
import { FamilyGlyph } from '../../ui/FamilyGlyph';
import { Row, Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';

const words = reviewWords.aheadCard;

/** What the plan does next, and what it changes where a block begins. */
export const AheadCard = ({ ahead }: { ahead: NonNullable<ReviewDto['ahead']> }) => {
  const changes = ahead.begins.filter(({ rotation }) => !rotation.stays);
  return (
    <Card>
      <Heading>{ahead.begins.length > 0 ? words.blockBegins : words.next}</Heading>
      <Row gap="s" align="center">
        {ahead.led && <FamilyGlyph family={ahead.led} />}
        <Txt>{words.on(dayInALine(ahead), formatDay(dateOfDay(ahead.day)))}</Txt>
      </Row>
      {ahead.missed > 0 && (
        <Txt kind="small" tone="saffron">
          {words.missed(ahead.missed)}
        </Txt>
      )}
      {changes.length > 0 && (
        <Stack role="list" aria-label={words.changes} gap="xs">
          {changes.map(({ role, rotation: { slot, variationId, why } }) => (
            <Row key={`${role}-${slot}`} role="listitem" gap="s" align="center">
              <Txt kind="small" style={{ flexGrow: 1, flexShrink: 1 }}>
                {words.changesOne(MOVEMENTS.nameOf(variationId), DAY_ROLE_SHORT[role])}
              </Txt>
              <WhyDot about={MOVEMENTS.nameOf(variationId)} reasons={[why]} />
            </Row>
          ))}
        </Stack>
      )}
    </Card>
  );
};
