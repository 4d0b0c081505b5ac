import { NO_CIRCUMSTANCES, type OutsideBoxes } from '../../../core';
import {
  circumstancesContentSchema,
  pieceContentSchema,
  type CircumstancesContent,
  type PieceContent,
  type Preferences,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import {
  choice,
  day,
  number,
  optional,
  orElse,
  quantity,
  several,
  words,
} from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { groupIfTyped } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import {
  ALSO_NAMES,
  BROOD_NAMES,
  HEALTH_NAMES,
  NECTAR_NAMES,
  OUTSIDE_NAMES,
  RESIDUE_NAMES,
  SET_NAMES,
  TAINT_NAMES,
} from '../../words/circumstanceWords';
import { tenths } from './combForm';
import { commonWords } from '../../words/english/common';
import { lotWords } from '../../words/english/lot';

/** What its label asks to wait for; nothing where neither field is typed. */
const treated = groupIfTyped(
  {
    product: words(lotWords.treatedWith(), { hint: lotWords.onlyIfItsLabelAsks() }),
    freeFrom: day(lotWords.honeyMayBeTakenFrom()),
  },
  ({ product, freeFrom }) => product.trim() !== '' || freeFrom !== '',
);

/** What else bears on a lot. */
export const circumstancesEntry = entryOf(circumstancesContentSchema, {
  outsideBoxes: choice<OutsideBoxes>(lotWords.boxesThatAreNotIn(), OUTSIDE_NAMES),
  nectar: choice(lotWords.nectar(), NECTAR_NAMES, {
    as: 'select',
    hint: lotWords.knowTheToxicPlantsIn(),
  }),
  sourceHealth: choice(lotWords.healthOfItsColonies(), HEALTH_NAMES, { as: 'select' }),
  residues: several(lotWords.didCombOrHoneyCome(), RESIDUE_NAMES),
  treated,
  brood: choice(lotWords.broodInTheFrames(), BROOD_NAMES, { as: 'select' }),
  taint: choice(lotWords.beesClearedWithAScented(), TAINT_NAMES, { as: 'select' }),
  /** things that were so; the record has a field for each */
  also: several(lotWords.didThisHappen(), ALSO_NAMES),
  setState: choice(lotWords.stateNow(), SET_NAMES, { as: 'select' }),
  remark: words(commonWords.remark()),
});
export type CircumstancesForm = FormOf<typeof circumstancesEntry.fields>;

const NOTHING_SAID = { ...NO_CIRCUMSTANCES, residues: [], treated: null, remark: '' };

/** A form filled from what was said last; nothing said where nothing was. */
export function circumstancesFormOf(
  content: CircumstancesContent | null,
  preferences: Preferences,
): CircumstancesForm {
  const { wetEquipment, lastFlowInBoxes, ...said } = content ?? NOTHING_SAID;
  const also = [
    ...(wetEquipment ? (['wet-equipment'] as const) : []),
    ...(lastFlowInBoxes ? (['last-flow'] as const) : []),
  ];
  return circumstancesEntry.fill({ ...said, also }, preferences);
}

export const readCircumstancesForm = (
  form: CircumstancesForm,
  preferences: Preferences,
): Parsed<CircumstancesContent> =>
  circumstancesEntry.read(form, preferences, {
    rest: ({ also }) => ({
      wetEquipment: also.includes('wet-equipment'),
      lastFlowInBoxes: also.includes('last-flow'),
    }),
  });

/** What a reading in the comb may be off by where nobody says [%]. @source our choice, no source */
const USUAL_DOUBT = '0.5';

/** Of a piece that was cut; none where no moisture was typed. */
const sacrificed = groupIfTyped(
  {
    percent: number(lotWords.sacrificedPieceItsReadingCorrected(), {
      unit: '%',
      digits: 1,
      hint: lotWords.leaveEmptyForAPiece(),
    }),
    plusMinus: orElse(
      number(lotWords.offByUpTo(), { unit: '%', digits: 1, hint: lotWords.ifEmpty() }),
      USUAL_DOUBT,
    ),
  },
  ({ percent }) => percent.trim() !== '',
);

const SEEN_NAMES = {
  weeping: lotWords.itWeepsHoneyTouchesThe(),
  foreign: lotWords.pollenBroodOrLarvaeIn(),
} as const;

/** A piece of comb honey. */
export const pieceEntry = entryOf(pieceContentSchema, {
  label: words(lotWords.pieceHeading(), { hint: lotWords.asOnItsBox() }),
  cappedTenths: tenths(lotWords.cappedOnTheWorseSide()),
  /** the record has a field for each */
  seen: several<keyof typeof SEEN_NAMES>(lotWords.seenInIt(), SEEN_NAMES),
  massKg: optional(quantity('mass', lotWords.weighs(), { digits: 3 })),
  sacrificed,
  remark: words(commonWords.remark()),
});
export type PieceForm = FormOf<typeof pieceEntry.fields>;

export function pieceFormOf(
  content: PieceContent | null,
  preferences: Preferences,
  label = '',
): PieceForm {
  const { weeping = false, foreign = false } = content ?? {};
  const seen = [
    ...(weeping ? (['weeping'] as const) : []),
    ...(foreign ? (['foreign'] as const) : []),
  ];
  return pieceEntry.fill({ label, cappedTenths: 10, ...content, seen }, preferences);
}

export const readPieceForm = (form: PieceForm, preferences: Preferences): Parsed<PieceContent> =>
  pieceEntry.read(form, preferences, {
    rest: ({ seen }) => ({ weeping: seen.includes('weeping'), foreign: seen.includes('foreign') }),
  });
