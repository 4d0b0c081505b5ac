import { readingBudget } from '../moisture/readingBudget';
import type { Spot } from '../moisture/sampleState';
import type { LotReading } from '../moisture/vesselGroups';

const BUDGET = readingBudget(
  { scale: 'water', dialValue: 18, temperatureC: 20, atc: false },
  { resolution: 0.2, zeroCheck: 'checked' },
);

let count = 0;

/** A reading of a lot, by a checked meter. */
export const lotReading = (
  vesselId: string | null,
  moisturePercent: number,
  spot: Spot = 'stirred',
): LotReading => ({ id: `r${(count += 1)}`, vesselId, moisturePercent, budget: BUDGET, spot });
