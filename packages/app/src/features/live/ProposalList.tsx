import { StyleSheet } from 'react-native';
import type { CheckResult } from '@drubo/core/session';
import { Card } from '../../ui/Card';
import { Chip } from '../../ui/Chip';
import { Row } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useExplain, WhyDot } from '../../ui/Why';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.proposalList;

/** What the answers ask for today: each to take or leave, with why. What stops the session stands alone. */
export const ProposalList = ({
  result,
  refused,
  onRefuse,
}: {
  result: CheckResult;
  refused: readonly string[];
  onRefuse(refused: readonly string[]): void;
}) => {
  const explain = useExplain();
  if (result.stops.length > 0) {
    return (
      <Card edge="clay">
        {explain(result.stops).map(({ text }) => (
          <Txt key={text} kind="bold" role="alert">
            {text}
          </Txt>
        ))}
        <Txt kind="small" tone="quiet">
          {words.discardOrFinishThe}
        </Txt>
      </Card>
    );
  }
  if (result.proposals.length === 0) return null;
  return (
    <Card edge="saffron">
      <Heading level={3}>{words.forToday}</Heading>
      {result.proposals.map(({ id, change, reason }) => {
        const [said] = explain([reason]);
        const isTaken = !refused.includes(id);
        return (
          <Row key={id} gap="s">
            <Txt style={styles.grow}>{said?.text ?? ''}</Txt>
            <WhyDot about={words.todaysChange} reasons={[reason]} label={words.why} />
            {change && (
              <Chip
                label={isTaken ? words.take : words.leaveIt}
                says={`${isTaken ? words.taken : words.notTaken}: ${said?.text ?? ''}`}
                chosen={isTaken}
                onPress={() => onRefuse(isTaken ? [...refused, id] : refused.filter((other) => other !== id))}
              />
            )}
          </Row>
        );
      })}
    </Card>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
