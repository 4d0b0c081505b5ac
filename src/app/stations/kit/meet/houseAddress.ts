import { z } from '../../../../records';

const LETTERS = '/api/letters';

const addressesSchema = z.object({ addresses: z.array(z.url()) });

const LOOPBACK = /^(localhost|127\.|\[::1\])/;

/** Under which other devices reach this house: where this page came from, unless only this device can. */
export async function houseAddress(): Promise<string> {
  const { origin, host } = window.location;
  if (!LOOPBACK.test(host)) return origin;
  try {
    const answer: unknown = await (await fetch(LETTERS)).json();
    return addressesSchema.parse(answer).addresses[0] ?? origin;
  } catch {
    return origin;
  }
}
