import type { Variation } from '@drubo/core/catalogue';
import { SET_UP_STAGES, setUpDrawings } from '@drubo/core/knowledge';
import type { SetUpStep } from '@drubo/core/knowledge';
import type { LoadPosition } from '@drubo/core/vocabulary';
import { SET_UP_STAGE_LABELS } from '@drubo/words/explain';
import { StyleSheet } from 'react-native';
import { Figure } from '../../figures/Figure';
import { Row, Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';

/** How a lift is set up and put back, by stage, in order of doing; drawn where a picture says more than its line. */
export const SetUpList = ({
  steps,
  variation,
  position,
}: {
  steps: readonly SetUpStep[];
  variation: Variation;
  position: LoadPosition;
}) => {
  const drawings = setUpDrawings(variation, position);
  return (
    <Stack gap="s">
      {SET_UP_STAGES.filter((stage) => steps.some((step) => step.stage === stage)).map((stage) => {
        const drawing = drawings[stage];
        return (
          <Stack key={stage} gap="xs">
            <Txt kind="small" tone="quiet">
              {SET_UP_STAGE_LABELS[stage]}
            </Txt>
            <Row gap="m" align="start">
              {drawing && (
                <Figure
                  variation={{ ...variation, figure: drawing.figure }}
                  depth={0}
                  width={DRAWN.width}
                  height={DRAWN.height}
                  held={drawing.held}
                />
              )}
              <Stack gap="xs" style={styles.lines}>
                {steps
                  .filter((step) => step.stage === stage)
                  .map(({ text }) => (
                    <Txt key={text}>{text}</Txt>
                  ))}
              </Stack>
            </Row>
          </Stack>
        );
      })}
    </Stack>
  );
};

const DRAWN = { width: 120, height: 128 } as const;
const styles = StyleSheet.create({ lines: { flexGrow: 1, flexShrink: 1, flexBasis: 0 } });
