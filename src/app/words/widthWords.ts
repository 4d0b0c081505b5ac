import {
  narrowings,
  ordinaryReadings,
  ordinaryVessels,
  type LotEvidence,
  type LotMoisture,
  type NarrowingId,
} from '../../core';
import { COMPONENTS } from './reading';
import { seasonWords } from './english/season';

const DO: Readonly<Record<NarrowingId, string>> = {
  'read-again': seasonWords.anotherReading(),
  'read-other': seasonWords.aReadingOfAnotherVessel(),
  'stir-first': seasonWords.stirringAndReadingAgain(),
  'other-meter': seasonWords.aReadingWithASecond(),
  'check-zero': seasonWords.aZeroCheckOfThe(),
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
  const most = seasonWords.largestPartOfThe({ name, share });
  return best
    ? seasonWords.wouldBringItToAbout({ most, do: DO[best.id], expanded: best.expanded.toFixed(1) })
    : seasonWords.nothingQuickNarrowsIt({ most });
}
