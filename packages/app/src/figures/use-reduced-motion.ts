import { useEffect, useState } from 'react';
import { AccessibilityInfo } from 'react-native';

/** Whether this device asks for less motion. */
export const useReducedMotion = (): boolean => {
  const [isReduced, setReduced] = useState(false);
  useEffect(() => {
    let isGone = false;
    void AccessibilityInfo.isReduceMotionEnabled().then((answer) => {
      if (!isGone) setReduced(answer);
    });
    const subscription = AccessibilityInfo.addEventListener('reduceMotionChanged', setReduced);
    return () => {
      isGone = true;
      subscription.remove();
    };
  }, []);
  return isReduced;
};
