import { useState } from 'react';
import { NO_METERS, type Meters } from '../../model';
import { useBook } from './useBook';

/** The keeper's meters with their checks; none while loading. */
export function useMeters(): Meters {
  return useBook()?.meters ?? NO_METERS;
}

/** The moment at which a page was opened, for what is reckoned while it is typed. */
export function useMoment(): string {
  const [moment] = useState(() => new Date().toISOString());
  return moment;
}
