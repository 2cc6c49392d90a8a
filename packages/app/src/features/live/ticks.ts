import { readSetting, writeSetting } from '../../data/settings';

/** What a tick says: a second passed, a phase began, counting down, the end. */
export type TickKind = 'second' | 'lowering' | 'bottom' | 'lifting' | 'top' | 'count' | 'end';

/** Pitch in Hz and length in s of each: low while going down, high while going up. */
const TONES: Record<TickKind, { hertz: number; seconds: number }> = {
  second: { hertz: 520, seconds: 0.03 },
  lowering: { hertz: 330, seconds: 0.09 },
  bottom: { hertz: 392, seconds: 0.09 },
  lifting: { hertz: 784, seconds: 0.09 },
  top: { hertz: 659, seconds: 0.09 },
  count: { hertz: 587, seconds: 0.08 },
  end: { hertz: 880, seconds: 0.35 },
};
const LOUDNESS = 0.25;

const SOUND = 'live-sound';
const BUZZ = 'live-vibration';

/** Sound is off until somebody wants it, vibration too; both are remembered on this device. */
export const isSoundOn = (): boolean => readSetting(SOUND) === 'on';
export const keepSound = (isOn: boolean): void => writeSetting(SOUND, isOn ? 'on' : null);
export const isBuzzOn = (): boolean => readSetting(BUZZ) === 'on';
export const keepBuzz = (isOn: boolean): void => writeSetting(BUZZ, isOn ? 'on' : null);

/** Whether this device can vibrate at all. */
export const canBuzz = (): boolean => typeof navigator !== 'undefined' && 'vibrate' in navigator;

let audio: AudioContext | null = null;

/** Sounds a tick, where sound is on. A browser that allows none before the first touch stays silent until then. */
export const tick = (kind: TickKind): void => {
  if (!isSoundOn() || typeof AudioContext === 'undefined') return;
  audio ??= new AudioContext();
  if (audio.state === 'suspended') void audio.resume();
  const { hertz, seconds } = TONES[kind];
  const now = audio.currentTime;
  const tone = audio.createOscillator();
  const volume = audio.createGain();
  tone.frequency.value = hertz;
  // A short ramp at both ends: a tone that is cut off clicks.
  volume.gain.setValueAtTime(0, now);
  volume.gain.linearRampToValueAtTime(LOUDNESS, now + 0.005);
  volume.gain.linearRampToValueAtTime(0, now + seconds);
  tone.connect(volume).connect(audio.destination);
  tone.start(now);
  tone.stop(now + seconds);
};

/** Shakes the phone, where it can and may. */
export const buzz = (kind: 'phase' | 'end'): void => {
  if (isBuzzOn() && canBuzz()) navigator.vibrate(kind === 'end' ? [120, 60, 120] : 25);
};
