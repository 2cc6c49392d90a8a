import type { DecisionDto } from '@drubo/contracts';
import { inSentence, METHOD_LABELS, QUESTION_LABELS } from '@drubo/words/explain';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { reviewWords } from '@drubo/words/screens/review';

const words = reviewWords.trace;

/** The questions a verdict went through, in the order they were asked, and which of them settled it. */
export const Trace = ({ proposal }: { proposal: DecisionDto }) => (
  <Stack gap="xs">
    <Heading level={3}>{words.whatWasAskedIn}</Heading>
    {(proposal.trace ?? []).map(({ question, spoke }) => (
      <Txt key={question} kind="small">
        {question === 'method'
          ? `${QUESTION_LABELS.method}: ${inSentence(METHOD_LABELS[proposal.method])}`
          : QUESTION_LABELS[question]}
        {' – '}
        {spoke ? words.decides : words.nothingToSay}
      </Txt>
    ))}
    <Txt kind="small" tone="quiet">
      {words.restsOnOfThis(proposal.usedSets.length, proposal.engineVersion)}
    </Txt>
  </Stack>
);
