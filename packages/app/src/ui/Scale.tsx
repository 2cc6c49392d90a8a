import { Chip } from './Chip';
import { Stack, Wrap } from './layout';
import { Txt } from './Txt';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.scale;

const TEN = Array.from({ length: 11 }, (_, at) => at);

/** 0 to 10 as chips; pressing the chosen one again means not asked. */
export const Scale = ({
  label,
  says,
  value,
  onChange,
}: {
  label: string;
  /** What one number is called, as in "Pain". */
  says: string;
  value: number | null;
  onChange(value: number | null): void;
}) => (
  <Stack role="group" aria-label={label} gap="xs">
    <Txt kind="small" tone="quiet">
      {label}
      {value === null ? words.notAsked : words.of10(value)}
    </Txt>
    <Wrap gap="s">
      {TEN.map((at) => (
        <Chip
          key={at}
          label={String(at)}
          says={words.of10WithSays(says, at)}
          tone={at > 2 ? 'clay' : 'moss'}
          chosen={value === at}
          onPress={() => onChange(value === at ? null : at)}
        />
      ))}
    </Wrap>
  </Stack>
);
