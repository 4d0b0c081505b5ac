import { recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField, wholeBetween } from '../fields';
import { atcRangeField, meterShape } from './meterFields';
import { z } from '../zod';

export const INSTRUMENT_KINDS = ['hand', 'digital', 'bench'] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];

/** How its values come in: by hand, from a stand-in that ships with the application, or by a line. */
export const CONNECTIONS = ['typed', 'eyepiece', 'simulated-meter', 'serial'] as const;
export type Connection = (typeof CONNECTIONS)[number];

/** Speeds at which line-sending instruments usually talk [baud]. */
export const BAUD_RATES = [1200, 2400, 4800, 9600, 19_200, 38_400, 115_200] as const;

export const instrumentContentSchema = z
  .object({
    name: nameField(),
    instrumentKind: z.enum(INSTRUMENT_KINDS),
    ...meterShape,
    /** lowest and highest value of its dial, in the unit of the scale */
    range: z.tuple([z.number(), z.number()]).refine(([low, high]) => low < high, 'rangeUpsideDown'),
    /** null where it has no ATC */
    atcRangeC: atcRangeField.nullable(),
    /** its range reaches water, so that it is zeroed on water */
    reachesWater: z.boolean(),
    connection: z.enum(CONNECTIONS),
    baudRate: z.number().int().min(300).max(1_000_000),
    checkEveryDays: wholeBetween(1, 730),
    checkEveryReadings: wholeBetween(1, 10_000),
    remark: remarkField,
  })
  .superRefine((meter, context) => {
    if (meter.reachesWater && meter.scale === 'water') {
      const message = 'waterScaleNoWater';
      context.addIssue({ code: 'custom', path: ['reachesWater'], message });
    }
  });
export type InstrumentContent = z.infer<typeof instrumentContentSchema>;

export const instrumentKind = recordKind({
  kind: 'instrument',
  table: 'instruments',
  since: 3,
  owner: null,
  part: 'book',
  content: instrumentContentSchema,
  chain: ({ entityId }) => ({ anchors: [entityId], follows: [] }),
});
export type Instrument = RevisionOf<typeof instrumentKind>;
