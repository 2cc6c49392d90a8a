import { Stack } from '../ui/layout';
import { Modal } from '../ui/Modal';
import { Heading, Txt } from '../ui/Txt';
import { LIVE_KEYS, SHEET_KEYS, WEEKS_KEYS } from './key-lists';
import { PLACE_KEYS } from './use-place-keys';
import { common } from '@drubo/words/screens/common';
import { frameWords } from '@drubo/words/screens/frame';

const words = frameWords.keyList;

const GROUPS = [
  [words.places, PLACE_KEYS],
  [words.onASheet, SHEET_KEYS],
  [words.onTheWeeks, WEEKS_KEYS],
  [words.onTheLiveFloor, LIVE_KEYS],
] as const;

/** Every key there is, and what it does. */
export const KeyList = ({ onClose }: { onClose(): void }) => (
  <Modal title={words.keys} onClose={onClose} closes={common.close}>
    {GROUPS.map(([title, keys]) => (
      <Stack key={title} gap="xs">
        <Heading level={3}>{title}</Heading>
        {keys.map(([key, does]) => (
          <Txt key={key}>
            <Txt kind="bold">{key}</Txt> {does}
          </Txt>
        ))}
      </Stack>
    ))}
  </Modal>
);
