import { useEffect, useState } from 'react';

/** The time, once a second while `isRunning`. */
export const useNow = (isRunning: boolean): number => {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    if (!isRunning) return;
    setNow(Date.now());
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [isRunning]);
  return now;
};
