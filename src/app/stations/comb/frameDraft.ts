import type { BroodAmount, CombFace, FrameAct, Scale, ShakeResult } from '../../../core';
import {
  freshLook,
  isMarked,
  type BROOD_STAGES,
  type COMB_COLOURS,
  type FrameCheckContent,
  type FrameContent,
  type FrameLook,
  type Method,
  type Preferences,
  type Side,
} from '../../../records';
import { FormReader, type Parsed } from '../../forms/parsed';
import { atcChoice, atcOf, type AtcChoice } from '../../forms/readingForm';
import { decimalText } from '../../format/decimal';
import { unitOf } from '../../format/units';

/** A side as it is tapped; the capped tenths are unknown until the first tap. */
export interface SideDraft {
  method: Method;
  honeyTenths: number;
  cappedTenths: number | null;
  undrawnTenths: number;
  broodTenths: number;
  points: string | null;
  cells: string | null;
  shake: ShakeResult;
  firmness: Side['firmness'];
  face: CombFace;
  colour: (typeof COMB_COLOURS)[number];
  oldComb: boolean;
}

export type OverrideDraft = { act: FrameAct; because: string } | null;

/** A frame as it is tapped and typed. */
export interface FrameDraft {
  sides: [SideDraft, SideDraft];
  combTemperature: string;
  brood: BroodAmount;
  broodStages: (typeof BROOD_STAGES)[number][];
  broodExcuse: string;
  queenSeen: boolean;
  mitesSeen: boolean;
  beetles: FrameLook['beetles'];
  heft: string;
  heftBy: 'hand' | 'scale';
  pieces: string | null;
  cellDial: string;
  cellScale: Scale;
  cellTemperature: string;
  cellAtc: AtcChoice;
  blockExcuse: string;
  formerBrood: boolean;
  remark: string;
  override: OverrideDraft;
}

function sideDraftOf(side: Side, judged: boolean): SideDraft {
  const { quick, ...rest } = side;
  return { ...rest, ...quick, cappedTenths: judged ? quick.cappedTenths : null };
}

/** A temperature as text in the keeper's unit; empty where it is not known. */
export function temperatureText(celsius: number | null, preferences: Preferences): string {
  if (celsius === null) return '';
  return decimalText(unitOf('temperature', preferences).fromBase(celsius), 1);
}

/** A draft that starts from a look kept before, or from nothing. */
export function frameDraftOf(
  look: FrameLook | null,
  { preferences, frame }: { preferences: Preferences; frame: FrameContent | null },
): FrameDraft {
  const { sides, heft, cellReading, combTemperatureC, ...same } = look ?? freshLook();
  const mass = unitOf('mass', preferences);
  const [a, b] = sides.map((side) => sideDraftOf(side, look !== null));
  if (!a || !b) throw new Error('a look has two sides');
  return {
    ...same,
    sides: [a, b],
    combTemperature: temperatureText(combTemperatureC, preferences),
    heft: heft ? decimalText(mass.fromBase(heft.grossKg)) : '',
    heftBy: heft?.by ?? 'hand',
    cellDial: cellReading ? decimalText(cellReading.dialValue, 4) : '',
    cellScale: cellReading?.scale ?? 'water',
    cellTemperature: temperatureText(cellReading?.temperatureC ?? null, preferences),
    cellAtc: cellReading ? atcChoice(cellReading.atc) : '',
    formerBrood: frame?.formerBrood ?? false,
    override: null,
  };
}

/** The draft for a frame that was looked at before: what the keeper did otherwise stays said. */
export function frameDraftOfCheck(
  check: FrameCheckContent,
  place: { preferences: Preferences; frame: FrameContent | null },
): FrameDraft {
  const { decision } = check;
  const overridden = decision.act !== decision.proposed;
  const override = overridden ? { act: decision.act, because: decision.because } : null;
  return { ...frameDraftOf(check, place), override };
}

/** Whether enough of a side has been said to judge it. */
export function isSideJudged(side: SideDraft): boolean {
  if (side.method === 'quick') return side.cappedTenths !== null || side.honeyTenths === 0;
  return isMarked(side.method === 'points' ? side.points : side.cells);
}

/** The side as a record keeps it; unknown capping counts as none. */
export function sideOf(draft: SideDraft): Side {
  const { honeyTenths, cappedTenths, undrawnTenths, broodTenths, ...rest } = draft;
  return {
    ...rest,
    quick: { honeyTenths, cappedTenths: cappedTenths ?? 0, undrawnTenths, broodTenths },
  };
}

const SIDE_NAMES = ['Side A', 'Side B'] as const;
export const sideName = (at: number): string => SIDE_NAMES[at] ?? '';

export interface DraftRead {
  readonly look: FrameLook;
  readonly formerBrood: boolean;
  readonly override: OverrideDraft;
}

function cellReadingOf(draft: FrameDraft, reader: FormReader): FrameLook['cellReading'] {
  if (draft.cellDial.trim() === '') return null;
  const dialValue = reader.number('cellDial', draft.cellDial);
  if (!(dialValue >= 1 && dialValue <= 90)) {
    reader.fail('cellDial', 'No open honey reads this; type what the dial shows, such as 18.5.');
  }
  const temperatureC =
    draft.cellTemperature.trim() === ''
      ? null
      : reader.quantity('cellTemperature', draft.cellTemperature, 'temperature');
  return { scale: draft.cellScale, dialValue, temperatureC, atc: atcOf(draft.cellAtc) };
}

function heftOf(draft: FrameDraft, reader: FormReader): FrameLook['heft'] {
  if (draft.heft.trim() === '') return null;
  const grossKg = reader.quantity('heft', draft.heft, 'mass');
  if (!(grossKg >= 0.1 && grossKg <= 20)) {
    reader.fail('heft', 'A frame weighs between 0.1 and 20 kg, wood and wax included.');
  }
  return { grossKg, by: draft.heftBy };
}

function combTemperatureOf(draft: FrameDraft, reader: FormReader): number | null {
  if (draft.combTemperature.trim() === '') return null;
  const celsius = reader.quantity('combTemperature', draft.combTemperature, 'temperature');
  if (!(celsius >= -20 && celsius <= 60)) {
    reader.fail('combTemperature', 'A comb has between −20 and 60 °C; leave it empty if unknown.');
  }
  return celsius;
}

/** What the draft says, or what is missing or wrong. */
export function readFrameDraft(draft: FrameDraft, preferences: Preferences): Parsed<DraftRead> {
  const reader = new FormReader(preferences);
  draft.sides.forEach((side, at) => {
    if (!isSideJudged(side)) reader.fail(`sides.${at}`, `${sideName(at)} is not judged yet.`);
  });
  const look: FrameLook = {
    sides: draft.sides.map(sideOf),
    combTemperatureC: combTemperatureOf(draft, reader),
    brood: draft.brood,
    broodStages: draft.brood === 'none' ? [] : draft.broodStages,
    broodExcuse: draft.broodExcuse.trim(),
    queenSeen: draft.queenSeen,
    mitesSeen: draft.mitesSeen,
    beetles: draft.beetles,
    heft: heftOf(draft, reader),
    pieces: draft.pieces,
    cellReading: cellReadingOf(draft, reader),
    blockExcuse: draft.blockExcuse.trim(),
    remark: draft.remark.trim(),
  };
  if (Object.keys(reader.errors).length > 0) return { ok: false, errors: reader.errors };
  const { formerBrood, override } = draft;
  return { ok: true, content: { look, formerBrood, override } };
}
