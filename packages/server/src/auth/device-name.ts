import Bowser from 'bowser';

/** Longest name of a device that is kept. */
const MOST = 80;

/** Browser and system of a device, as it tells them itself: “Chrome · Android”. Empty where it tells nothing known. */
export const deviceName = (userAgent: string | undefined): string => {
  if (!userAgent) return '';
  const { browser, os } = Bowser.parse(userAgent);
  return [browser.name, os.name].filter(Boolean).join(' · ').slice(0, MOST);
};
