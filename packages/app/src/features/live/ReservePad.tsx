import { TARGET } from '../../theme/tokens';
import { Chip } from '../../ui/Chip';
import { Row, Stack } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.reservePad;

/** From this many steps on the scale takes two rows, so that every target stays a thumb wide. */
const ONE_ROW = 6;

/** Reps in reserve, 0 to the cap and more. Nothing is chosen until somebody says it; a second tap takes it back. */
export const ReservePad = ({
  value,
  target,
  cap,
  onChange,
}: {
  value: number | null;
  /** What to aim for; null for a feeler, which only asks. */
  target: number | null;
  cap: number;
  onChange(value: number | null): void;
}) => {
  const scale = Array.from({ length: cap + 1 }, (_, at) => at);
  const isLong = scale.length > ONE_ROW;
  const said = value === null ? words.notAsked : words.said(value, cap);
  return (
    <Stack role="radiogroup" aria-label={words.repsInReserve} gap="xs">
      <Txt kind="small" tone="quiet">
        {target === null ? words.howManyMoreWould(said) : words.inReserveAimFor(target, said)}
      </Txt>
      {[scale.slice(0, ONE_ROW), scale.slice(ONE_ROW)]
        .filter((row) => row.length > 0)
        .map((row) => (
          <Row key={row[0]} gap="xs" align="stretch">
            {row.map((reserve) => (
              <Chip
                key={reserve}
                role="radio"
                grow
                height={isLong ? TARGET.usual : TARGET.live}
                label={reserve === cap ? `${reserve}+` : String(reserve)}
                says={words.inReserve(reserve, cap)}
                chosen={value === reserve}
                onPress={() => onChange(value === reserve ? null : reserve)}
              />
            ))}
          </Row>
        ))}
    </Stack>
  );
};
