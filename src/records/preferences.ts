import { initialsField } from './moments';
import { z } from './zod';

/** What the keeper chose once for all lots. */
export const preferencesSchema = z.object({
  initials: initialsField,
  ruleSetId: z.string(),
  temperatureUnit: z.enum(['C', 'F']),
  massUnit: z.enum(['kg', 'lb']),
  volumeUnit: z.enum(['L', 'US gal', 'imp gal']),
  lengthUnit: z.enum(['cm', 'in']),
  /** single keys act; some input aids need them off */
  singleKeys: z.boolean(),
});
export type Preferences = z.infer<typeof preferencesSchema>;
