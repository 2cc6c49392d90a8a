import { Chip } from '../../ui/Chip';
import { Stack, Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useSetting } from '../../data/use-setting';
import { keepLetterKeys, readLetterKeys } from '../../data/letter-keys';
import { canBuzz, isBuzzOn, isSoundOn, keepBuzz, keepSound, tick } from './ticks';
import { LIVE_KEYS } from '../../frame/key-lists';
import { isPaired, keepPaired } from './use-sensor';
import { liveWords } from '@drubo/words/screens/live';

const words = liveWords.liveSettings;

/** What this device does on the floor, remembered on it: sound, vibration, the sensor, letter keys. */
export const LiveSettings = () => {
  const hasBuzz = useSetting(isBuzzOn);
  const switches = [
    { label: words.sound, isOn: useSetting(isSoundOn), keep: keepSound, after: () => tick('lifting') },
    ...(canBuzz() ? [{ label: words.vibration, isOn: hasBuzz, keep: keepBuzz }] : []),
    { label: words.repSensor, isOn: useSetting(isPaired), keep: keepPaired },
    { label: words.letterKeys, isOn: useSetting(readLetterKeys), keep: keepLetterKeys },
  ];
  return (
    <Stack gap="xs">
      <Heading level={3}>{words.thisDevice}</Heading>
      <Wrap gap="s">
        {switches.map(({ label, isOn, keep, after }) => (
          <Chip
            key={label}
            label={`${label} ${isOn ? words.on : words.off}`}
            chosen={isOn}
            onPress={() => {
              keep(!isOn);
              if (!isOn) after?.();
            }}
          />
        ))}
      </Wrap>
      <Txt kind="small" tone="quiet">
        {words.theRepSensorIs(LIVE_KEYS.map(([key, does]) => `${key} ${does}`).join(', '))}
      </Txt>
    </Stack>
  );
};
