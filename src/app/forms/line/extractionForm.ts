import { OPENING_RANGE_UM, usualWireUm, type HoneyKind } from '../../../core';
import { USUAL_DAY } from '../../../model';
import {
  extractionContentSchema,
  type ExtractionContent,
  type Preferences,
} from '../../../records';
import type { Codec, FormOf, ValuesOf } from '../../entry/codec';
import {
  asIs,
  choice,
  clock,
  day,
  number,
  oneOf,
  orElse,
  optional,
  percent,
  quantity,
  words,
  yesNo,
} from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { FACE_NAMES } from '../../words/strainWords';
import { breaks, people } from './lineTexts';
import { commonWords } from '../../words/english/common';
import { lineFormWords } from '../../words/english/lineForm';

const KIND_NAMES: Readonly<Record<HoneyKind, string>> = {
  ordinary: lineFormWords.ordinaryHoney(),
  heather: lineFormWords.lingHeatherAGel(),
};

const minutes = (label: string) => number(label, { unit: 'min', digits: 1 });
const count = (label: string, hint?: string) =>
  number(label, { digits: 0, ...(hint === undefined ? {} : { hint }) });

type Mesh = ExtractionContent['strainer']['meshes'][number];

const meshFields = (label: string, hint: string) => ({
  openingUm: number(label, { unit: 'µm', digits: 1, ...(hint === '' ? {} : { hint }) }),
  areaDm2: number(lineFormWords.area(), { unit: 'dm²', digits: 1 }),
  headCm: number(lineFormWords.honeyAboveIt(), { unit: 'cm', digits: 1 }),
});

const meshes = {
  coarse: group(meshFields(lineFormWords.coarseMesh(), lineFormWords.leaveEmptyForNone())),
  fine: group(meshFields(lineFormWords.fineMesh(), '')),
};
const bothMeshes = group(meshes);

function withWire(mesh: ValuesOf<typeof meshes.fine.fields>): Mesh {
  const [finest, widest] = OPENING_RANGE_UM;
  const isMesh = mesh.openingUm >= finest && mesh.openingUm <= widest;
  return { ...mesh, wireUm: isMesh ? usualWireUm(mesh.openingUm) : NaN };
}

/** One mesh or two, the coarser first; the record may hold more, of which first and last are shown. */
const meshesOf: Codec<readonly Mesh[], FormOf<typeof meshes>> & { fields: typeof meshes } = {
  ...bothMeshes,
  fill: (value, preferences) => {
    const fine = value[value.length - 1];
    const coarse = value.length > 1 ? value[0] : undefined;
    return {
      coarse: coarse ? meshes.coarse.fill(coarse, preferences) : meshes.coarse.empty,
      fine: fine ? meshes.fine.fill(fine, preferences) : meshes.fine.empty,
    };
  },
  read: (typed, at) => {
    const fine = withWire(meshes.fine.read(typed.fine, at.at('fine')));
    if (typed.coarse.openingUm.trim() === '') return [fine];
    const coarse = withWire(meshes.coarse.read(typed.coarse, at.at('coarse')));
    if (coarse.openingUm <= fine.openingUm) {
      at.at('coarse.openingUm').fail(lineFormWords.theFirstMeshIsThe());
    }
    return [coarse, fine];
  },
};

export const dayEntry = entryOf(extractionContentSchema, {
  name: words(commonWords.name(), { hint: lineFormWords.forExampleBorageFirstExtraction() }),
  day: day(commonWords.day()),
  startMin: clock(lineFormWords.startsAt()),
  endMin: optional(clock(lineFormWords.homeBy(), { hint: lineFormWords.leaveEmptyForOpenEnd() })),
  lotId: optional(
    oneOf(lineFormWords.honeyOfTheLot(), '', {
      hint: lineFormWords.fillsInItsFramesAnd(),
    }),
  ),
  frames: count(commonWords.framesHeading()),
  smallFrames: orElse(count(lineFormWords.smallOnes(), lineFormWords.smallOnesHint()), '0'),
  framesPerBox: count(lineFormWords.framesInABox()),
  honeyKgPerFrame: quantity('mass', lineFormWords.honeyInAFrame()),
  face: choice(lineFormWords.theCombIs(), FACE_NAMES),
  newComb: yesNo(lineFormWords.newThisYear()),
  honeyKind: choice(commonWords.honey(), KIND_NAMES),
  temperatureC: quantity('temperature', lineFormWords.honeyAtTheStrainer()),
  moisturePercent: number(commonWords.waterContent(), { unit: '%' }),
  people,
  tool: group({
    kind: oneOf<ExtractionContent['tool']['kind']>(lineFormWords.openedWith(), 'fork'),
    secondsPerFrame: number(lineFormWords.timeForAFrame(), { unit: 's', digits: 0 }),
    lossShare: percent(lineFormWords.lostWithTheWax(), { digits: 1 }),
    count: count(lineFormWords.tools(), lineFormWords.soManyCanUncapAt()),
    rackFrames: number(lineFormWords.mayWaitOpened(), { unit: lineFormWords.frames(), digits: 0 }),
  }),
  extractor: group({
    count: count(lineFormWords.extractors()),
    framesPerLoad: number(lineFormWords.holds(), { unit: lineFormWords.frames(), digits: 0 }),
    spinMinutes: minutes(lineFormWords.spinsFor()),
    turned: yesNo(lineFormWords.framesAreTurnedForThe()),
    handleMinutes: minutes(lineFormWords.fillingAndEmptying()),
    turnMinutes: minutes(lineFormWords.turning()),
    byHand: yesNo(lineFormWords.driven(), {
      names: { no: lineFormWords.byAMotor(), yes: lineFormWords.byHand() },
    }),
    leftShare: percent(lineFormWords.leftInTheComb(), { digits: 1 }),
    wallsKg: quantity('mass', lineFormWords.leftOnWalls()),
    sumpKg: quantity('mass', lineFormWords.mayWaitForTheStrainer(), {
      hint: lineFormWords.spaceBelowTheBasketAnd(),
    }),
  }),
  strainer: group({
    count: count(lineFormWords.strainers()),
    meshes: meshesOf,
    scrapeAtShare: percent(lineFormWords.scrapedWhenItsFlowFalls(), {
      digits: 1,
      hint: lineFormWords.ofTheFlowThroughA(),
    }),
    scrapeMinutes: minutes(lineFormWords.scrapingTakes()),
    scrapeLossKg: asIs(USUAL_DAY.strainer.scrapeLossKg),
  }),
  pail: group({
    kg: quantity('mass', lineFormWords.aPailHolds()),
    changeMinutes: minutes(lineFormWords.changingAPail()),
    have: count(lineFormWords.pailsAtHand()),
  }),
  breaks,
  bees: group({
    shutFromMin: optional(
      clock(lineFormWords.doorsShutFrom(), { hint: lineFormWords.leaveEmptyForNever() }),
    ),
    shutToMin: optional(clock(lineFormWords.to())),
    boxesInside: optional(
      count(lineFormWords.boxesInsideAtTheStart(), lineFormWords.leaveEmptyForAll()),
    ),
    carryMinutes: minutes(lineFormWords.carryingABoxIn()),
    wetOutFromMin: optional(
      clock(lineFormWords.wetBoxesGoOutFrom(), { hint: lineFormWords.leaveEmptyIfNotToday() }),
    ),
    wetOutMinutes: minutes(lineFormWords.eachTakes()),
  }),
  around: group({
    setUpMin: orElse(minutes(lineFormWords.settingUp()), '0'),
    washUpMin: orElse(minutes(lineFormWords.washingUp()), '0'),
    interruptedShare: orElse(
      percent(lineFormWords.interrupted(), { hint: lineFormWords.interruptedHint() }),
      '0',
    ),
  }),
  remark: words(commonWords.remark()),
});
export type DayForm = FormOf<typeof dayEntry.fields>;

/** The day that the form says, or what is wrong in which field. */
export const readDayForm = (
  form: DayForm,
  preferences: Preferences,
  former: ExtractionContent | null = null,
): Parsed<ExtractionContent> =>
  dayEntry.read(form, preferences, {
    rest: {
      cleanUp: former?.cleanUp ?? USUAL_DAY.cleanUp,
      startedAt: former?.startedAt ?? null,
      doneAt: former?.doneAt ?? null,
    },
    place: (path, { strainer }) =>
      path.replace(/meshes\.(\d)/, (_, at) =>
        Number(at) === strainer.meshes.length - 1 ? 'meshes.fine' : 'meshes.coarse',
      ),
  });
