import {
  narrowings,
  ordinaryReadings,
  ordinaryVessels,
  type LotEvidence,
  type LotMoisture,
  type NarrowingId,
} from '../../core';
import { COMPONENTS } from './reading';

const DO: Readonly<Record<NarrowingId, string>> = {
  'read-again': 'Another reading',
  'read-other': 'A reading of another vessel',
  'stir-first': 'Stirring, and reading again',
  'other-meter': 'A reading with a second, checked meter',
  'check-zero': 'A zero check of the meter',
};

/** What most of an interval's width is, and what would narrow it most for the least work. */
export function widthWords(evidence: LotEvidence, measured: LotMoisture): string {
  const [largest] = [...measured.components].sort((a, b) => b.share - a.share);
  if (!largest) return '';
  const share = Math.round(100 * largest.share);
  const name = COMPONENTS[largest.id].name.toLowerCase();
  const { repeatability, learned } = evidence;
  const [best] = narrowings({
    readings: ordinaryReadings(evidence),
    vessels: ordinaryVessels(evidence.vessels),
    ...(repeatability && { repeatability }),
    ...(learned && { learned }),
  });
  const most = `Largest part of the doubt: ${name}, ${share} %.`;
  return best
    ? `${most} ${DO[best.id]} would bring it to about ± ${best.expanded.toFixed(1)}.`
    : `${most} Nothing that is quickly done narrows it.`;
}
