import type { BroodAmount, CombFace, FrameAct, Scale, ShakeResult } from '../../../core';
import { freshLook, isPhotoTooUnclear, type FrameLook } from '../../../model';
import {
  frameCheckContentSchema,
  isMarked,
  type BROOD_STAGES,
  type COMB_COLOURS,
  type FrameCheckContent,
  type FrameContent,
  type Method,
  type Preferences,
  type Proposal,
  type Side,
  type z,
} from '../../../records';
import { number, optional, quantity, words } from '../../entry/codecs';
import { finish, formOf } from '../../entry/entry';
import { Reader, type Parsed } from '../../entry/reader';
import { atcChoice, atcOf, type AtcChoice } from '../../forms/bench/readingForm';
import { decimalText } from '../../format/decimal';
import { unitOf } from '../../format/units';
import { commonWords } from '../../words/english/common';
import { frameWords } from '../../words/english/frame';

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
  /** what a photograph proposed for the points */
  proposal?: Proposal | undefined;
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
  if (side.method !== 'points') return isMarked(side.cells);
  if (!isMarked(side.points)) return false;
  return !side.proposal || !isPhotoTooUnclear(side.points, side.proposal);
}

/** The side as a record keeps it; unknown capping counts as none. */
export function sideOf(draft: SideDraft): Side {
  const { honeyTenths, cappedTenths, undrawnTenths, broodTenths, ...rest } = draft;
  return {
    ...rest,
    quick: { honeyTenths, cappedTenths: cappedTenths ?? 0, undrawnTenths, broodTenths },
  };
}

const SIDE_NAMES = [frameWords.sideA(), frameWords.sideB()] as const;
export const sideName = (at: number): string => SIDE_NAMES[at] ?? '';

export interface DraftRead {
  readonly look: FrameLook;
  readonly formerBrood: boolean;
  readonly override: OverrideDraft;
}

/** What of a frame is typed; the rest is tapped. */
export const frameForm = formOf({
  combTemperature: optional(
    quantity('temperature', frameWords.temperatureOfTheComb(), {
      hint: frameWords.coldHoneyPassesTheShake,
    }),
  ),
  heft: optional(
    quantity('mass', frameWords.weightOfTheFrame(), {
      hint: frameWords.withWoodAndWaxThe(),
    }),
  ),
  cellDial: optional(
    number(commonWords.theDialShows(), {
      digits: 4,
      hint: frameWords.severalOpenCellsFromBoth(),
    }),
  ),
  cellTemperature: optional(quantity('temperature', frameWords.temperatureOfTheMeter())),
  broodExcuse: words(frameWords.takeItAnywayBecause(), {
    hint: frameWords.leaveEmptyAndItGoes(),
  }),
  blockExcuse: words(frameWords.iHaveReadTheLabel(), {
    hint: frameWords.goesWithTheFrameInto(),
  }),
});

const typedSchema = frameCheckContentSchema.pick({
  combTemperatureC: true,
  heft: true,
  cellReading: true,
});

/** Where the draft holds what the record holds at a path. */
const PLACES: Readonly<Record<string, string>> = {
  combTemperatureC: 'combTemperature',
  'heft.grossKg': 'heft',
  'cellReading.dialValue': 'cellDial',
  'cellReading.temperatureC': 'cellTemperature',
};

/** What was typed of a frame, within the limits of its record. */
function typedOf(draft: FrameDraft, reader: Reader): Parsed<z.infer<typeof typedSchema>> {
  const { combTemperature, heft, cellDial, cellTemperature } = frameForm.values(draft, reader);
  const candidate = {
    combTemperatureC: combTemperature,
    heft: heft === null ? null : { grossKg: heft, by: draft.heftBy },
    cellReading:
      cellDial === null
        ? null
        : {
            scale: draft.cellScale,
            dialValue: cellDial,
            temperatureC: cellTemperature,
            atc: atcOf(draft.cellAtc),
          },
  };
  return finish(reader, typedSchema, candidate, {
    fields: frameForm.fields,
    at: (path) => PLACES[path] ?? path,
  });
}

/** What the draft says, or what is missing or wrong. */
export function readFrameDraft(draft: FrameDraft, preferences: Preferences): Parsed<DraftRead> {
  const reader = new Reader(preferences);
  draft.sides.forEach((side, at) => {
    if (!isSideJudged(side))
      reader.at(`sides.${at}`).fail(frameWords.isNotJudgedYet({ sideName: sideName(at) }));
  });
  const typed = typedOf(draft, reader);
  if (!typed.ok) return typed;
  const look: FrameLook = {
    ...typed.content,
    sides: draft.sides.map(sideOf),
    brood: draft.brood,
    broodStages: draft.brood === 'none' ? [] : draft.broodStages,
    broodExcuse: draft.broodExcuse.trim(),
    queenSeen: draft.queenSeen,
    mitesSeen: draft.mitesSeen,
    beetles: draft.beetles,
    pieces: draft.pieces,
    blockExcuse: draft.blockExcuse.trim(),
    remark: draft.remark.trim(),
  };
  const { formerBrood, override } = draft;
  return { ok: true, content: { look, formerBrood, override } };
}
