import { SECONDS_LEFT } from '@drubo/core/live';
import { TARGET } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { Row, Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.secondsLeftPad;

const isTop = (seconds: number): boolean => seconds === SECONDS_LEFT.at(-1);

/** How much longer a hold could have gone on, in place of reps in reserve. Nothing is chosen until somebody says it. */
export const SecondsLeftPad = ({ value, onChange }: { value: number | null; onChange(value: number | null): void }) => (
  <Stack role="radiogroup" aria-label={words.couldHave} gap="xs">
    <Txt kind="small" tone="quiet">
      {words.more(value === null ? words.notAsked : words.said(value, isTop(value)))}
    </Txt>
    <Row gap="xs" align="stretch">
      {SECONDS_LEFT.map((seconds) => (
        <Chip
          key={seconds}
          role="radio"
          grow
          height={TARGET.live}
          label={words.label(seconds, isTop(seconds))}
          says={words.says(seconds, isTop(seconds))}
          chosen={value === seconds}
          onPress={() => onChange(value === seconds ? null : seconds)}
        />
      ))}
    </Row>
  </Stack>
);
