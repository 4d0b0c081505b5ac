import { minutesInCycle } from '../flow/strainer';
import { NOTHING_KG, type LineRun, type StrainerNow } from './lineRun';

/** Honey that goes through a strainer at a time [kg]; small beside a pail. */
const PORTION_KG = 2.5;
const PORTIONS_PER_PAIL = 4;

/** Lets honey through a strainer until it clogs, its pail is full, or nothing waits. */
export function openGate(run: LineRun, strainer: StrainerNow, at: number): boolean {
  if (strainer.phase !== 'open') return false;
  const { line, cycle } = run;
  if (line.pail.kg - strainer.pailKg <= NOTHING_KG) {
    strainer.phase = 'to-change';
    run.pailsAtMin.push(run.nowMin);
    return true;
  }
  if (run.sumpKg <= NOTHING_KG) return false;
  if (cycle.kg - strainer.passedKg <= NOTHING_KG) {
    strainer.phase = 'to-scrape';
    return true;
  }
  const room = Math.min(cycle.kg - strainer.passedKg, line.pail.kg - strainer.pailKg);
  const portion = Math.min(PORTION_KG, line.pail.kg / PORTIONS_PER_PAIL);
  const kg = Math.min(run.sumpKg, room, portion);
  const from = minutesInCycle(cycle, strainer.passedKg);
  const minutes = (minutesInCycle(cycle, strainer.passedKg + kg) - from) * run.vary('straining');
  run.sumpKg -= kg;
  strainer.phase = 'flowing';
  run.bar(`strainer-${at}`, 'strain', minutes);
  run.begin(minutes, () => {
    strainer.passedKg += kg;
    strainer.pailKg += kg;
    run.strainedKg += kg;
    run.strainedMin = run.nowMin;
    strainer.phase = 'open';
  });
  return true;
}
