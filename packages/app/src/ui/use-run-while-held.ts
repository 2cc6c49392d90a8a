import { useEffect, useRef, useState } from 'react';

/** How long a thumb rests on a button before it runs, and how fast it runs then, ms. */
export const HOLD = { afterMs: 400, everyMs: 110 } as const;

/** What makes a button go on while it is held; it stops for good at the end of its scale, and when the thumb goes. */
export const useRunWhileHeld = (onPress: () => void, isOn: boolean) => {
  const [isHeld, setHeld] = useState(false);
  const latest = useRef({ onPress, isOn });
  useEffect(() => {
    latest.current = { onPress, isOn };
  });
  useEffect(() => {
    if (!isHeld) return;
    const timer = setInterval(() => {
      // A button that is shut never says that the thumb has gone.
      if (latest.current.isOn) latest.current.onPress();
      else setHeld(false);
    }, HOLD.everyMs);
    return () => clearInterval(timer);
  }, [isHeld]);
  return isOn || isHeld
    ? { onLongPress: () => setHeld(true), delayLongPress: HOLD.afterMs, onPressOut: () => setHeld(false) }
    : {};
};
