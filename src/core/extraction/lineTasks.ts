import { openGate } from './lineGates';
import { NOTHING_KG, type ExtractorNow, type LineRun } from './lineRun';

/** Boxes that are kept at hand inside while there are more outside. */
const BOXES_AT_HAND = 3;

/** Something that a person may begin; true once it was begun. */
type Start = (run: LineRun, person: number) => boolean;

const changePail: Start = (run, person) => {
  const strainer = run.strainers.find((strainerNow) => strainerNow.phase === 'to-change');
  if (!strainer) return false;
  strainer.phase = 'handled';
  run.occupy(person, 'change-pail', run.line.pail.changeMinutes, () => {
    strainer.pailKg = 0;
    strainer.phase = 'open';
  });
  return true;
};

const scrape: Start = (run, person) => {
  const strainer = run.strainers.find((strainerNow) => strainerNow.phase === 'to-scrape');
  if (!strainer) return false;
  const { scrapeMinutes, scrapeLossKg } = run.line.strainer;
  strainer.phase = 'handled';
  run.scrapesAtMin.push(run.nowMin);
  const lost = Math.min(scrapeLossKg, run.sumpKg);
  run.sumpKg -= lost;
  run.scrapedKg += lost;
  run.occupy(person, 'scrape', scrapeMinutes, () => {
    strainer.passedKg = 0;
    strainer.phase = 'open';
  });
  return true;
};

/** One side of a load is spun: its share of the honey is out. */
function spunSide(run: LineRun, extractor: ExtractorNow): void {
  const { sides } = run.line.extractor;
  run.receive((extractor.frames * run.spunKg) / sides);
  extractor.sidesSpun += 1;
  extractor.phase = extractor.sidesSpun < sides ? 'to-turn' : 'to-unload';
  run.lastSpunMin = run.nowMin;
}

/** A motor spins by itself, for as long as it takes. */
function spinByMotor(run: LineRun, extractor: ExtractorNow): void {
  const minutes = run.line.extractor.spinMinutes * run.vary('spinning');
  extractor.phase = 'spinning';
  run.bar(`extractor-${run.extractors.indexOf(extractor)}`, 'spin', minutes);
  run.begin(minutes, () => spunSide(run, extractor));
}

function readyToSpin(run: LineRun, extractor: ExtractorNow): void {
  if (run.line.extractor.byHand) extractor.phase = 'to-spin';
  else spinByMotor(run, extractor);
}

const spinByHand: Start = (run, person) => {
  const extractor = run.extractors.find((extractorNow) => extractorNow.phase === 'to-spin');
  if (!extractor) return false;
  const { spinMinutes } = run.line.extractor;
  extractor.phase = 'spinning';
  run.bar(`extractor-${run.extractors.indexOf(extractor)}`, 'spin', spinMinutes);
  run.occupy(person, 'spin', spinMinutes, () => spunSide(run, extractor));
  return true;
};

const turn: Start = (run, person) => {
  const extractor = run.extractors.find((extractorNow) => extractorNow.phase === 'to-turn');
  if (!extractor) return false;
  extractor.phase = 'handled';
  run.occupy(person, 'turn', run.line.extractor.turnMinutes, () => readyToSpin(run, extractor));
  return true;
};

const unload: Start = (run, person) => {
  const extractor = run.extractors.find((extractorNow) => extractorNow.phase === 'to-unload');
  if (!extractor) return false;
  extractor.phase = 'handled';
  run.occupy(person, 'unload', run.line.extractor.handleMinutes / 2, () => {
    const { frames, sinceMin: fromMin } = extractor;
    run.loads.push({ frames, fromMin, outMin: run.nowMin });
    extractor.frames = 0;
    extractor.phase = 'empty';
  });
  return true;
};

/** Goes on with a load that hung in the extractor already. */
export function resumeLoad(run: LineRun, frames: number, minutes: number): void {
  const [extractor] = run.extractors;
  if (!extractor || frames === 0) return;
  const kg = frames * run.spunKg;
  extractor.frames = frames;
  extractor.phase = 'spinning';
  run.comingKg += kg;
  run.bar('extractor-0', 'spin', minutes);
  run.begin(minutes, () => {
    run.receive(kg);
    run.lastSpunMin = run.nowMin;
    extractor.phase = 'to-unload';
  });
}

/** Frames for the next load; 0 while it is better to wait for more. */
function nextLoad(run: LineRun): number {
  const { framesPerLoad } = run.line.extractor;
  if (run.opened >= framesPerLoad) return framesPerLoad;
  const more = run.framesOutside + run.framesInside + run.uncapping + run.carrying > 0;
  return more ? 0 : run.opened;
}

const load: Start = (run, person) => {
  const extractor = run.extractors.find((extractorNow) => extractorNow.phase === 'empty');
  const frames = extractor ? nextLoad(run) : 0;
  if (!extractor || frames === 0) return false;
  const { handleMinutes, sumpKg } = run.line.extractor;
  const kg = frames * run.spunKg;
  if (run.sumpKg + run.comingKg + kg > sumpKg + NOTHING_KG) return false;
  run.opened -= frames;
  run.comingKg += kg;
  extractor.frames = frames;
  extractor.sidesSpun = 0;
  extractor.sinceMin = run.nowMin;
  extractor.phase = 'handled';
  run.occupy(person, 'load', handleMinutes / 2, () => readyToSpin(run, extractor));
  return true;
};

/** Carries a box in, once fewer frames than this are inside. */
const carryIn =
  (boxesAtHand: number): Start =>
  (run, person) => {
    const { framesPerBox, bees } = run.line;
    const enough = run.framesInside + run.carrying >= boxesAtHand * framesPerBox;
    if (run.framesOutside === 0 || enough || run.areDoorsShut()) return false;
    const frames = Math.min(framesPerBox, run.framesOutside);
    run.framesOutside -= frames;
    run.carrying += frames;
    run.occupy(person, 'carry-in', bees.carryMinutes, () => {
      run.carrying -= frames;
      run.framesInside += frames;
    });
    return true;
  };

const uncap: Start = (run, person) => {
  const { places, rackFrames, secondsPerFrame } = run.line.uncapping;
  const isFull = run.opened + run.uncapping >= rackFrames;
  if (run.framesInside === 0 || run.uncapping >= places || isFull) return false;
  run.framesInside -= 1;
  run.uncapping += 1;
  run.occupy(person, 'uncap', secondsPerFrame / 60, () => {
    run.uncapping -= 1;
    run.opened += 1;
    run.mostOpened = Math.max(run.mostOpened, run.opened);
  });
  return true;
};

const wetOut: Start = (run, person) => {
  const { wetOutFromMin, wetOutMinutes } = run.line.bees;
  const isTime = wetOutFromMin !== null && run.nowMin >= wetOutFromMin;
  if (run.wetBoxesIn === 0 || !isTime || !run.isSpun()) return false;
  run.wetBoxesIn -= 1;
  run.occupy(person, 'wet-out', wetOutMinutes, () => {
    run.wetOutMin = run.nowMin;
  });
  return true;
};

/** What comes first when somebody has free hands: what would overflow, then what holds others up. */
const BY_URGENCY: readonly Start[] = [
  changePail,
  scrape,
  unload,
  turn,
  spinByHand,
  load,
  carryIn(1),
  uncap,
  carryIn(BOXES_AT_HAND),
  wetOut,
];

/** Begins all that can begin at this moment. */
export function beginAll(run: LineRun): void {
  if (run.isBreak()) return;
  let begun = true;
  while (begun) {
    begun = run.strainers.some((strainer, at) => openGate(run, strainer, at));
    for (let person = 0; person < run.idle.length; person += 1) {
      if (run.isFree(person) && BY_URGENCY.some((start) => start(run, person))) begun = true;
    }
  }
}
