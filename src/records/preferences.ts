import { HEMISPHERES } from '../core';
import { initialsField } from './moments';
import { z } from './zod';

/** As the device says, or by day, in bright sun, at night. */
export const SCHEMES = ['device', 'day', 'sun', 'night'] as const;
export type Scheme = (typeof SCHEMES)[number];

/** What the keeper chose once for all lots. */
export const preferencesSchema = z.object({
  initials: initialsField,
  ruleSetId: z.string(),
  temperatureUnit: z.enum(['C', 'F']),
  massUnit: z.enum(['kg', 'lb']),
  volumeUnit: z.enum(['L', 'US gal', 'imp gal']),
  lengthUnit: z.enum(['cm', 'in']),
  /** half of the earth that the stores stand on: it says when their summer is */
  hemisphere: z.enum(HEMISPHERES),
  /** how light the screen is; night is for a dim honey house */
  scheme: z.enum(SCHEMES),
  /** single keys act; some input aids need them off */
  singleKeys: z.boolean(),
  /** what practice says of one's eye is taken off one's glances */
  practisedEye: z.boolean(),
});
export type Preferences = z.infer<typeof preferencesSchema>;
