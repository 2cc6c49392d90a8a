import { Txt } from './Txt';

/** What went wrong, read out at once; nothing where all is well. */
export const Problem = ({ text }: { text: string | null | undefined }) =>
  text ? (
    <Txt tone="clay" role="alert">
      {text}
    </Txt>
  ) : null;
