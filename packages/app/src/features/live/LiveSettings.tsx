import { Chip } from '../../ui/Chip';
import { Stack, Wrap } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useSetting } from '../../data/use-setting';
import { keepLetterKeys, readLetterKeys } from '../../data/letter-keys';
import { canBuzz, isBuzzOn, isSoundOn, keepBuzz, keepSound, tick } from './ticks';
import { LIVE_KEYS } from '../../frame/key-lists';
import { isPaired, keepPaired } from './use-sensor';

/** What this device does on the floor, remembered on it: sound, vibration, the sensor, letter keys. */
export const LiveSettings = () => {
  const hasBuzz = useSetting(isBuzzOn);
  const switches = [
    { label: 'Sound', isOn: useSetting(isSoundOn), keep: keepSound, after: () => tick('lifting') },
    ...(canBuzz() ? [{ label: 'Vibration', isOn: hasBuzz, keep: keepBuzz }] : []),
    { label: 'Rep sensor', isOn: useSetting(isPaired), keep: keepPaired },
    { label: 'Letter keys', isOn: useSetting(readLetterKeys), keep: keepLetterKeys },
  ];
  return (
    <Stack gap="xs">
      <Heading level={3}>This device</Heading>
      <Wrap gap="s">
        {switches.map(({ label, isOn, keep, after }) => (
          <Chip
            key={label}
            label={`${label} ${isOn ? 'on' : 'off'}`}
            chosen={isOn}
            onPress={() => {
              keep(!isOn);
              if (!isOn) after?.();
            }}
          />
        ))}
      </Wrap>
      <Txt kind="small" tone="quiet">
        The rep sensor is a simulated stand-in. Keys: {LIVE_KEYS.map(([key, does]) => `${key} ${does}`).join(', ')}.
      </Txt>
    </Stack>
  );
};
