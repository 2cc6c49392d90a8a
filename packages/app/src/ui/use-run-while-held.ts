import { useEffect, useRef, useState } from 'react';

/** How long a thumb rests on a button before it runs, and how fast it runs then, ms. */
export const HOLD = { afterMs: 400, everyMs: 110 } as const;

/** What makes a button go on while it is held; it stops at the end of its scale, and when the thumb goes. */
export const useRunWhileHeld = (onPress: () => void, isOn: boolean) => {
  const [isHeld, setHeld] = useState(false);
  const latest = useRef(onPress);
  useEffect(() => {
    latest.current = onPress;
  });
  const isRunning = isHeld && isOn;
  useEffect(() => {
    if (!isRunning) return;
    const timer = setInterval(() => latest.current(), HOLD.everyMs);
    return () => clearInterval(timer);
  }, [isRunning]);
  return isOn || isHeld
    ? { onLongPress: () => setHeld(true), delayLongPress: HOLD.afterMs, onPressOut: () => setHeld(false) }
    : {};
};
