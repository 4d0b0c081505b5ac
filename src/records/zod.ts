/** Zod with our settings. Import it only from here. */
import './zodSettings';
import { z } from 'zod';

export { z };
