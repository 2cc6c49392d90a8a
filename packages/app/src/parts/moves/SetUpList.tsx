import type { SetUpStep } from '@drubo/core/knowledge';
import { SET_UP_STAGES } from '@drubo/core/knowledge';
import { SET_UP_STAGE_LABELS } from '@drubo/words/explain';
import { Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';

/** How a lift is set up and put back, by stage, in order of doing. */
export const SetUpList = ({ steps }: { steps: readonly SetUpStep[] }) => (
  <Stack gap="s">
    {SET_UP_STAGES.filter((stage) => steps.some((step) => step.stage === stage)).map((stage) => (
      <Stack key={stage} gap="xs">
        <Txt kind="small" tone="quiet">
          {SET_UP_STAGE_LABELS[stage]}
        </Txt>
        {steps
          .filter((step) => step.stage === stage)
          .map(({ text }) => (
            <Txt key={text}>{text}</Txt>
          ))}
      </Stack>
    ))}
  </Stack>
);
