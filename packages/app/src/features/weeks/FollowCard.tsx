import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { lineKey } from '@drubo/core/weeks';
import type { PlanLine } from '@drubo/core/weeks';
import { weeksWords } from '@drubo/words/screens/weeks';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Tick } from '../../ui/Tick';
import { Row, Stack, Wrap } from '../../ui/layout';
import { Problem } from '../../ui/Problem';
import { Heading } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { lineInWords } from './line-words';
import type { Asked, Weeks } from './use-weeks';

const words = weeksWords.follow;

/** What follows, line by line, each to be taken or left. */
export const FollowCard = ({
  weeks,
  lines,
  title,
  also,
  onLeave,
}: {
  weeks: Weeks;
  lines: readonly PlanLine[];
  title: string;
  /** What else changes with the lines. */
  also?: Omit<Asked, 'lines'>;
  /** What leaving all of it does; left out: it is not asked about again. */
  onLeave?: () => void;
}) => {
  const { plan, detail, writer, take } = weeks;
  const [off, setOff] = useState<readonly string[]>([]);
  const taken = lines.filter((line) => !off.includes(lineKey(line)));
  const left = lines.filter((line) => off.includes(lineKey(line)));
  const toggle = (key: string) => setOff(off.includes(key) ? off.filter((other) => other !== key) : [...off, key]);
  return (
    <Card edge="saffron">
      <Heading>{title}</Heading>
      <Stack role="list" aria-label={title} gap="xs">
        {lines.map((line) => {
          const text = lineInWords(plan, line, detail.kits);
          const key = lineKey(line);
          return (
            <Row key={`${line.kind}-${key}`} role="listitem" gap="s" align="center">
              <View style={styles.grow}>
                <Tick label={text} checked={!off.includes(key)} onChange={() => toggle(key)} />
              </View>
              <WhyDot about={text} reasons={[line.why]} />
            </Row>
          );
        })}
      </Stack>
      {writer.problem !== null && <Problem text={writer.problem} />}
      <Wrap gap="s">
        <Button
          look="main"
          label={words.take(taken.length)}
          disabled={!writer.isReady || taken.length === 0}
          busy={writer.isBusy}
          onPress={() => void take(taken, left, also)}
        />
        <Button label={words.leave} disabled={!writer.isReady} onPress={() => (onLeave ? onLeave() : void take([], lines))} />
      </Wrap>
    </Card>
  );
};

const styles = StyleSheet.create({ grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 } });
