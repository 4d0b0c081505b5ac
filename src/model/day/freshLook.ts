import type { FrameCheckContent, Side } from '../../records';

/** A side full of honey of which nothing else has been said. */
export function freshSide(): Side {
  return {
    method: 'quick',
    quick: { honeyTenths: 10, cappedTenths: 0, undrawnTenths: 0, broodTenths: 0 },
    points: null,
    cells: null,
    shake: 'not-done',
    firmness: 'gentle',
    face: 'flush',
    colour: 'unseen',
    oldComb: false,
  };
}

/** What was seen on a frame, apart from where, when and what was decided. */
export type FrameLook = Omit<
  FrameCheckContent,
  'harvestId' | 'frameId' | 'boxId' | 'slot' | 'day' | 'decision'
>;

/** A look at a frame with nothing out of the ordinary on it. */
export function freshLook(): FrameLook {
  return {
    sides: [freshSide(), freshSide()],
    combTemperatureC: null,
    brood: 'none',
    broodStages: [],
    broodExcuse: '',
    queenSeen: false,
    mitesSeen: false,
    beetles: 'none',
    heft: null,
    pieces: null,
    cellReading: null,
    blockExcuse: '',
    remark: '',
  };
}
