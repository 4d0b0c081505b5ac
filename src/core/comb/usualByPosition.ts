import { requireInRange } from '../errors';

/** How a frame usually compares with its neighbours, from where it hangs. */
export type UsualAtPlace = 'poorer' | 'ordinary' | 'fuller';

/**
 * What is usual of honey at a place in the box: in a honey box the frames at the walls are poorer,
 * beside a brood nest the outer frames are the full ones.
 *
 * @param slot - place counted from 1
 * @param slots - places in the box, 1..40
 * @param role - what the box is for
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 */
export function usualByPosition(
  slot: number,
  slots: number,
  role: 'honey' | 'brood',
): UsualAtPlace {
  const fn = 'usualByPosition';
  requireInRange(slots, [1, 40], { fn, param: 'slots', unit: '1' });
  requireInRange(slot, [1, slots], { fn, param: 'slot', unit: '1' });
  const fromWall = Math.min(slot - 1, slots - slot);
  if (role === 'honey') return fromWall === 0 ? 'poorer' : 'ordinary';
  return fromWall <= 1 ? 'fuller' : 'poorer';
}
