import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { lineKey, findDay } from '@drubo/core/weeks';
import { formatDay } from '@drubo/words/dates';
import { DAY_ROLE_SHORT } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import { useCommands, useWriter } from '../../data/offline/QueueProvider';
import { isWrite } from '../../data/offline/types';
import type { StoredOf } from '../../data/offline/types';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { dateOfDay } from '../../ui/days';
import { Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import type { Weeks } from './use-weeks';

const words = weeksWords.conflict;

/** Changes of this phone that met another's: what stands, what was asked here, and which of the two it is to be. */
export const ConflictCard = ({ weeks }: { weeks: Weeks }) => {
  const commands = useCommands();
  const refused = commands
    .filter(isWrite('changePlan'))
    .filter(({ state, params }) => state === 'needs-you' && params.personId === weeks.detail.person.id);
  return refused.map((write) => <Conflict key={write.id} weeks={weeks} write={write} />);
};

const Conflict = ({ weeks, write }: { weeks: Weeks; write: StoredOf<'changePlan'> }) => {
  const queue = useWriter();
  const { plan } = weeks;
  const client = useQueryClient();
  const isStale = write.error?.code === 'stale-version';
  // What another phone made of it has not been read here yet.
  useEffect(() => {
    if (isStale) void client.invalidateQueries({ queryKey: ['getPerson', { personId: write.params.personId }] });
  }, [client, isStale, write.params.personId]);
  const here = plan.block.id === write.body.blockId;
  const lines = write.body.lines.filter((line) => !('dayId' in line) || findDay(plan.block, line.dayId));
  const [first] = lines;
  const of = first?.kind === 'moved' ? findDay(plan.block, first.dayId) : null;
  const again = async (): Promise<void> => {
    // From where it stands now.
    const now = lines.map((line) => {
      const found = line.kind === 'moved' ? findDay(plan.block, line.dayId) : null;
      return line.kind === 'moved' && found ? { ...line, from: found.day.day } : line;
    });
    await queue.remove([write.id]);
    await weeks.take(
      now,
      lines.filter((line) => write.body.left.includes(lineKey(line))),
    );
  };
  return (
    <Card edge="clay">
      <Heading>{isStale ? words.title : words.refused}</Heading>
      {(write.error?.fields ?? []).map(({ path, message }) => (
        <Txt key={path}>{message}</Txt>
      ))}
      {!write.error?.fields?.length && <Txt>{write.error?.message ?? ''}</Txt>}
      <Wrap gap="s">
        {isStale && here && lines.length > 0 && (
          <Button
            label={
              of && first?.kind === 'moved' && lines.length === 1
                ? words.mine(DAY_ROLE_SHORT[of.day.role], formatDay(dateOfDay(first.to)))
                : words.again
            }
            disabled={!queue.isReady}
            onPress={() => void again()}
          />
        )}
        <Button label={words.drop} disabled={!queue.isReady} onPress={() => void queue.remove([write.id])} />
      </Wrap>
    </Card>
  );
};
