import { clockNow } from '../../store/clock';
import { useEffect, useState } from 'react';

/** The time, anew after so many milliseconds [ms since 1970]. */
export function useNow(everyMs: number): number {
  const [now, setNow] = useState(() => clockNow().getTime());
  useEffect(() => {
    const timer = window.setInterval(() => setNow(clockNow().getTime()), everyMs);
    return () => window.clearInterval(timer);
  }, [everyMs]);
  return now;
}
