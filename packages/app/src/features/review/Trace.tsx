import type { DecisionDto } from '@drubo/contracts';
import { counted, inSentence, METHOD_LABELS, QUESTION_LABELS } from '@drubo/words/explain';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';

/** The questions a verdict went through, in the order they were asked, and which of them settled it. */
export const Trace = ({ proposal }: { proposal: DecisionDto }) => (
  <Stack gap="xs">
    <Heading level={3}>What was asked, in order</Heading>
    {(proposal.trace ?? []).map(({ question, spoke }) => (
      <Txt key={question} kind="small">
        {question === 'method'
          ? `${QUESTION_LABELS.method}: ${inSentence(METHOD_LABELS[proposal.method])}`
          : QUESTION_LABELS[question]}
        {' – '}
        {spoke ? 'decides' : 'nothing to say'}
      </Txt>
    ))}
    <Txt kind="small" tone="quiet">
      Rests on {counted(proposal.usedSets.length, 'set')} of this session; engine {proposal.engineVersion}.
    </Txt>
  </Stack>
);
