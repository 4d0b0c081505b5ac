import { between, wholeBetween } from '../fields';
import { z } from '../zod';

/** The practised eye that a glance was judged with: what it was off by when it looked. */
export const knownEyeSchema = z.object({
  looks: wholeBetween(1, 100_000),
  /** [1] */
  biasAtNone: between(-1, 1),
  biasAtAll: between(-1, 1),
  worthPoints: between(1, 1000),
});

const hundredths = z.number().int().min(0).max(100);
/** Chances in hundredths: capped, open. */
const chances = z.tuple([hundredths, hundredths]);

/** What a photograph proposed for the points of a side, and which of them the keeper set. */
export const proposalSchema = z.object({
  /** one letter a point: 1 set by the keeper, 0 as proposed */
  touched: z.string().regex(/^[01]{1,200}$/, 'badMarks'),
  /** chances of the cell under each point, and of all cells around it together */
  cells: z.array(chances).max(200),
  tiles: z.array(chances).max(200),
  /** how little the picture was understood [1] */
  doubt: between(0, 1),
});
export type Proposal = z.infer<typeof proposalSchema>;
