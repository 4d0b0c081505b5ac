import { clockNow } from '../../store/clock';
import { useState } from 'react';

/** The moment at which a page was opened, for what is computed while it is typed. */
export function useMoment(): string {
  const [moment] = useState(() => clockNow().toISOString());
  return moment;
}
