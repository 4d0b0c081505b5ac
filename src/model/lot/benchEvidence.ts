import {
  LAB_WATER_METHODS,
  colourClass,
  flowerKind,
  pfundFromAbsorbance,
  type ColourClassId,
  type FlowerEvidence,
  type LabEvidence,
  type LabQuantity,
  type LabValue,
  type LotEvidence,
  type SensesEvidence,
} from '../../core';
import type {
  ColourContent,
  LabReportContent,
  LotContent,
  SamplingPlanContent,
  SensesContent,
} from '../../records';
import { dayNumber } from '../days';

/** What was found at the bench besides moisture. */
export interface BenchContents {
  readonly plan: SamplingPlanContent | null;
  readonly colours: readonly ColourContent[];
  readonly senses: readonly SensesContent[];
  readonly labReports: readonly LabReportContent[];
}

export const NOTHING_AT_THE_BENCH: BenchContents = {
  plan: null,
  colours: [],
  senses: [],
  labReports: [],
};

/** Pfund value of a colour reading [mm]; null where it was judged by eye. */
export function pfundOf({ read }: ColourContent): number | null {
  switch (read.by) {
    case 'comparator':
      return read.pfundMm;
    case 'photometer':
      return pfundFromAbsorbance(read.absorbance, read.pathCm);
    case 'eye':
      return null;
  }
}

/** Colour class of a reading in glass. */
export function classOf(content: ColourContent): ColourClassId {
  const pfundMm = pfundOf(content);
  if (pfundMm !== null) return colourClass(pfundMm).id;
  return content.read.by === 'eye' ? content.read.classId : 'water-white';
}

const latest = <T extends { readonly takenAt: string }>(items: readonly T[]): T[] =>
  [...items].sort((a, b) => b.takenAt.localeCompare(a.takenAt));

/**
 * Faults that anybody noted, and foam that came back, stand until they are taken back; other foam and
 * purity are as seen last.
 */
function sensesEvidence(senses: readonly SensesContent[]): SensesEvidence | null {
  const [last] = latest(senses);
  if (!last) return null;
  const faults = [...new Set(senses.flatMap((sense) => sense.faults))];
  const foamed = senses.some((sense) => sense.foam === 'comes-back');
  return { faults, foam: foamed ? 'comes-back' : last.foam, impurities: last.impurities };
}

/** Whether the last report on water is from before the honey changed. */
function waterIsEarlier(inOrder: readonly LabReportContent[], unchangedSince: number): boolean {
  const last = inOrder.findLast(({ values }) =>
    LAB_WATER_METHODS.some((labWaterMethod) => values[labWaterMethod] !== undefined),
  );
  return last !== undefined && dayNumber(last.day) < Math.floor(unchangedSince);
}

/** Every quantity from the latest report that has it. */
function labEvidence(
  reports: readonly LabReportContent[],
  unchangedSince = -Infinity,
): LabEvidence | null {
  const inOrder = [...reports].sort((a, b) => a.day.localeCompare(b.day));
  const values: Partial<Record<LabQuantity, LabValue>> = {};
  const used = new Set<string>();
  for (const report of inOrder) {
    for (const [quantity, value] of Object.entries(report.values)) {
      if (value === undefined) continue;
      values[quantity as LabQuantity] = value;
      used.add(`${report.laboratory}, ${report.day}`);
    }
  }
  if (used.size === 0) return null;
  const from = [...used].join('; ');
  return { values, from, ...(waterIsEarlier(inOrder, unchangedSince) && { waterIsEarlier: true }) };
}

/** Share of the pollen of the lot's own flower in the latest count, null where none was made. */
function pollenShare(plant: string, reports: readonly LabReportContent[]): number | null {
  const counted = reports
    .filter((report) => report.pollen.length > 0)
    .sort((a, b) => b.day.localeCompare(a.day))[0];
  if (!counted) return null;
  const words = flowerKind(plant)?.words ?? [plant.trim().toLowerCase()];
  return counted.pollen
    .filter((item) => words.some((word) => item.plant.toLowerCase().includes(word)))
    .reduce((sum, item) => sum + item.percent, 0);
}

function flowerEvidence(lot: LotContent, bench: BenchContents): FlowerEvidence {
  const [colour] = latest(bench.colours);
  const said = latest(bench.senses).find((sense) => sense.typical !== null);
  return {
    plant: lot.plant,
    pollenPercent: pollenShare(lot.plant, bench.labReports),
    conductivityMsPerCm: labEvidence(bench.labReports)?.values.conductivityMsPerCm?.value ?? null,
    colour: colour ? classOf(colour) : null,
    tastesTypical: said?.typical ?? null,
  };
}

/** Whether anything was found that bears on the flower's name. */
function bearsOnFlower({ pollenPercent, conductivityMsPerCm, tastesTypical }: FlowerEvidence) {
  return pollenPercent !== null || conductivityMsPerCm !== null || tastesTypical !== null;
}

/**
 * The part of the evidence that comes from the bench besides readings; parts not looked at are not there.
 *
 * @param unchangedSince - day since which the honey is what it is now
 */
export function benchEvidence(
  lot: LotContent,
  bench: BenchContents,
  unchangedSince = -Infinity,
): Pick<LotEvidence, 'plan' | 'senses' | 'laboratory' | 'claimed' | 'flower'> {
  const { plan } = bench;
  const senses = sensesEvidence(bench.senses);
  const laboratory = labEvidence(bench.labReports, unchangedSince);
  const flower = flowerEvidence(lot, bench);
  return {
    claimed: { category: lot.category, claims: lot.claims },
    ...(plan && { plan }),
    ...(senses && { senses }),
    ...(laboratory && { laboratory }),
    ...(bearsOnFlower(flower) && { flower }),
  };
}
