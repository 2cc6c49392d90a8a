import { readSetting, writeSetting } from './settings';

const LETTERS = 'single-letter-keys';

/** Whether single letters act, kept on this device. WCAG 2.1.4: they can be switched off. */
export const readLetterKeys = (): boolean => readSetting(LETTERS) !== 'off';
export const keepLetterKeys = (isOn: boolean): void => writeSetting(LETTERS, isOn ? null : 'off');
