/**
 * Zod, set not to compile validators with `new Function`, which the content security policy
 * refuses. Import it only from here.
 */
import { z } from 'zod';

z.config({ jitless: true });

export { z };
