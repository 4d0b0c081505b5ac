import {
  massBalance,
  sharedYield,
  summedMass,
  amountMass,
  type MassBalance,
  type MassEstimate,
  type MassStage,
  type YieldShare,
} from '../../core';
import type { ContainerContent, Weighing } from '../../records';
import type { LotFile } from './lotFile';
import { compositionCount, compositionMass } from './lotComposition';

/** A ± that was typed is a half width within which all is alike likely. */
const rectangular = (plusMinusKg: number): number => plusMinusKg / Math.sqrt(3);

/** Honey of an entry's vessels, those of drip apart. */
function vesselMasses({ amount, count, suspects }: ContainerContent, moisturePercent: number) {
  if (!amount) return { drip: [], other: [] };
  const one = amountMass(amount, moisturePercent);
  const drip = suspects.filter((each) => each.because === 'drip').length;
  const several = (times: number): MassEstimate[] => Array.from({ length: times }, () => one);
  return { drip: several(drip), other: several(count - drip) };
}

/** Several weighings of one stage, added up; they were weighed alike. */
function weighedAt(weighings: readonly Weighing[], stage: MassStage): MassEstimate | null {
  const own = weighings.filter((weighing) => weighing.content.stage === stage);
  if (own.length === 0) return null;
  return summedMass(
    own.map(({ content }) => ({
      massKg: content.massKg,
      standardUncertaintyKg: rectangular(content.plusMinusKg),
    })),
  );
}

/** Honey of a lot from comb to container, and who gave it. */
export interface LotMass {
  readonly balance: MassBalance;
  /** in containers, drip apart [kg]; null where nothing is known */
  readonly got: MassEstimate | null;
  /** vessels whose amount nobody wrote down */
  readonly unknownVessels: number;
  readonly byHive: readonly YieldShare[];
  readonly byBox: readonly YieldShare[];
  readonly frames: number;
}

const nonEmpty = (masses: readonly MassEstimate[]): MassEstimate | null =>
  masses.length === 0 ? null : summedMass(masses);

/**
 * The balance of a lot: combs as judged or weighed, what was weighed on the way, containers.
 *
 * @param moisturePercent - of the honey, for vessels known by volume
 */
export function lotMass(file: LotFile, moisturePercent: number): LotMass {
  const { containers, weighings, frames } = file;
  const vessels = containers.map((container) => vesselMasses(container.content, moisturePercent));
  const got = nonEmpty(vessels.flatMap((vessel) => vessel.other));
  const drip = nonEmpty(vessels.flatMap((vessel) => vessel.drip));
  const judged = frames ? compositionMass(frames.content) : null;
  const known: Partial<Record<MassStage, MassEstimate>> = {};
  const put = (stage: MassStage, mass: MassEstimate | null): void => {
    if (mass) known[stage] = mass;
  };
  put('in-comb', weighedAt(weighings, 'in-comb') ?? judged);
  for (const stage of [
    'in-wet-combs',
    'with-cappings',
    'on-walls',
    'off-mesh',
    'skimmed',
  ] as const) {
    put(stage, weighedAt(weighings, stage));
  }
  put('drip', weighedAt(weighings, 'drip') ?? drip);
  put('in-containers', got);
  const parts = (frames?.content.frames ?? []).map((frame) => ({
    hive: frame.hive,
    box: [frame.hive, frame.box].filter((each) => each !== '').join(', '),
    frames: frame.count,
    kg: frame.honeyKg,
  }));
  const gotKg = got?.massKg ?? 0;
  return {
    balance: massBalance(known),
    got,
    unknownVessels: containers
      .filter((container) => container.content.amount === null)
      .reduce((sum, container) => sum + container.content.count, 0),
    byHive: sharedYield(
      parts.map((part) => ({ ...part, from: part.hive })),
      gotKg,
    ),
    byBox: sharedYield(
      parts.map((part) => ({ ...part, from: part.box })),
      gotKg,
    ),
    frames: frames ? compositionCount(frames.content) : 0,
  };
}
