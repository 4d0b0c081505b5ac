import { usualWireUm, type CombFace, type HoneyKind, type ToolKind } from '../../core';
import {
  USUAL_DAY,
  extractionContentSchema,
  type ExtractionContent,
  type Preferences,
} from '../../records';
import { clockText } from '../format/clock';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { breaksText, peopleText, readBreaks, readClockField, readPeople } from './lineTexts';
import { FormReader, type Parsed } from './parsed';

type YesNo = 'yes' | 'no';

/** The fields of a day at the line as they are typed. */
export interface ExtractionForm {
  name: string;
  day: string;
  start: string;
  lotId: string;
  frames: string;
  framesPerBox: string;
  honeyPerFrame: string;
  face: CombFace;
  newComb: YesNo;
  honeyKind: HoneyKind;
  temperature: string;
  moisture: string;
  people: string;
  toolKind: ToolKind;
  secondsPerFrame: string;
  toolLoss: string;
  tools: string;
  rackFrames: string;
  extractors: string;
  framesPerLoad: string;
  spin: string;
  turned: YesNo;
  drive: 'motor' | 'hand';
  handle: string;
  turn: string;
  left: string;
  walls: string;
  sump: string;
  strainers: string;
  /** empty for none */
  coarseOpening: string;
  coarseArea: string;
  coarseHead: string;
  fineOpening: string;
  fineArea: string;
  fineHead: string;
  scrapeAt: string;
  scrapeMinutes: string;
  pail: string;
  pailChange: string;
  pailsHave: string;
  breaks: string;
  shutFrom: string;
  shutTo: string;
  boxesInside: string;
  carry: string;
  wetOutFrom: string;
  wetOut: string;
  remark: string;
}

const percentText = (share: number): string => decimalText(100 * share, 1);
const optionalClock = (minutes: number | null): string =>
  minutes === null ? '' : clockText(minutes);
const yesNo = (is: boolean): YesNo => (is ? 'yes' : 'no');

function strainerForm({ strainer, pail }: ExtractionContent, mass: (kg: number) => string) {
  const fine = strainer.meshes[strainer.meshes.length - 1];
  const coarse = strainer.meshes.length > 1 ? strainer.meshes[0] : undefined;
  const number = (value: number | undefined): string =>
    value === undefined ? '' : decimalText(value, 1);
  return {
    strainers: String(strainer.count),
    coarseOpening: number(coarse?.openingUm),
    coarseArea: number(coarse?.areaDm2),
    coarseHead: number(coarse?.headCm),
    fineOpening: number(fine?.openingUm),
    fineArea: number(fine?.areaDm2),
    fineHead: number(fine?.headCm),
    scrapeAt: percentText(strainer.scrapeAtShare),
    scrapeMinutes: decimalText(strainer.scrapeMinutes, 1),
    pail: mass(pail.kg),
    pailChange: decimalText(pail.changeMinutes, 1),
    pailsHave: String(pail.have),
  };
}

/** A form filled from a day. */
export function extractionFormOf(
  content: ExtractionContent,
  preferences: Preferences,
): ExtractionForm {
  const massUnit = unitOf('mass', preferences);
  const mass = (kg: number): string => decimalText(massUnit.fromBase(kg), 2);
  const { tool, extractor, bees } = content;
  return {
    name: content.name,
    day: content.day,
    start: clockText(content.startMin),
    lotId: content.lotId ?? '',
    frames: String(content.frames),
    framesPerBox: String(content.framesPerBox),
    honeyPerFrame: mass(content.honeyKgPerFrame),
    face: content.face,
    newComb: yesNo(content.newComb),
    honeyKind: content.honeyKind,
    temperature: decimalText(unitOf('temperature', preferences).fromBase(content.temperatureC), 1),
    moisture: decimalText(content.moisturePercent, 2),
    people: peopleText(content.people),
    toolKind: tool.kind,
    secondsPerFrame: decimalText(tool.secondsPerFrame, 0),
    toolLoss: percentText(tool.lossShare),
    tools: String(tool.count),
    rackFrames: String(tool.rackFrames),
    extractors: String(extractor.count),
    framesPerLoad: String(extractor.framesPerLoad),
    spin: decimalText(extractor.spinMinutes, 1),
    turned: yesNo(extractor.turned),
    drive: extractor.byHand ? 'hand' : 'motor',
    handle: decimalText(extractor.handleMinutes, 1),
    turn: decimalText(extractor.turnMinutes, 1),
    left: percentText(extractor.leftShare),
    walls: mass(extractor.wallsKg),
    sump: mass(extractor.sumpKg),
    ...strainerForm(content, mass),
    breaks: breaksText(content.breaks),
    shutFrom: optionalClock(bees.shutFromMin),
    shutTo: optionalClock(bees.shutToMin),
    boxesInside: bees.boxesInside === null ? '' : String(bees.boxesInside),
    carry: decimalText(bees.carryMinutes, 1),
    wetOutFrom: optionalClock(bees.wetOutFromMin),
    wetOut: decimalText(bees.wetOutMinutes, 1),
    remark: content.remark,
  };
}

function readMesh(reader: FormReader, form: ExtractionForm, which: 'coarse' | 'fine') {
  const [opening, area, head] = [`${which}Opening`, `${which}Area`, `${which}Head`] as const;
  const openingUm = reader.number(opening, form[opening]);
  const isMesh = openingUm >= 20 && openingUm <= 5000;
  if (!isMesh) reader.fail(opening, 'Openings of meshes are 20 to 5,000 µm.');
  return {
    openingUm,
    wireUm: isMesh ? usualWireUm(openingUm) : NaN,
    areaDm2: reader.number(area, form[area]),
    headCm: reader.number(head, form[head]),
  };
}

function readStrainer(reader: FormReader, form: ExtractionForm, former: ExtractionContent | null) {
  const hasCoarse = form.coarseOpening.trim() !== '';
  const fine = readMesh(reader, form, 'fine');
  const coarse = hasCoarse ? readMesh(reader, form, 'coarse') : null;
  if (coarse && coarse.openingUm <= fine.openingUm) {
    reader.fail('coarseOpening', 'The first mesh is the coarser one; leave it empty for none.');
  }
  return {
    count: reader.number('strainers', form.strainers),
    meshes: coarse ? [coarse, fine] : [fine],
    scrapeAtShare: reader.number('scrapeAt', form.scrapeAt) / 100,
    scrapeMinutes: reader.number('scrapeMinutes', form.scrapeMinutes),
    scrapeLossKg: former?.strainer.scrapeLossKg ?? USUAL_DAY.strainer.scrapeLossKg,
  };
}

const FIELDS: Readonly<Record<string, string>> = {
  startMin: 'start',
  honeyKgPerFrame: 'honeyPerFrame',
  temperatureC: 'temperature',
  moisturePercent: 'moisture',
  'tool.secondsPerFrame': 'secondsPerFrame',
  'tool.lossShare': 'toolLoss',
  'tool.count': 'tools',
  'tool.rackFrames': 'rackFrames',
  'extractor.count': 'extractors',
  'extractor.framesPerLoad': 'framesPerLoad',
  'extractor.spinMinutes': 'spin',
  'extractor.handleMinutes': 'handle',
  'extractor.turnMinutes': 'turn',
  'extractor.leftShare': 'left',
  'extractor.wallsKg': 'walls',
  'extractor.sumpKg': 'sump',
  'strainer.count': 'strainers',
  'strainer.scrapeAtShare': 'scrapeAt',
  'strainer.scrapeMinutes': 'scrapeMinutes',
  'pail.kg': 'pail',
  'pail.changeMinutes': 'pailChange',
  'pail.have': 'pailsHave',
  'bees.shutFromMin': 'shutFrom',
  'bees.shutToMin': 'shutTo',
  'bees.boxesInside': 'boxesInside',
  'bees.carryMinutes': 'carry',
  'bees.wetOutFromMin': 'wetOutFrom',
  'bees.wetOutMinutes': 'wetOut',
};

/** Meshes stand last to first in the record, fine last in the form. */
function fieldOf(path: string, meshes: number): string {
  const [, at, what] = /^strainer\.meshes\.(\d)\.(\w+)$/.exec(path) ?? [];
  if (at === undefined) return FIELDS[path] ?? path.split('.')[0] ?? path;
  const which = Number(at) === meshes - 1 ? 'fine' : 'coarse';
  const names: Readonly<Record<string, string>> = { areaDm2: 'Area', headCm: 'Head' };
  return `${which}${names[what ?? ''] ?? 'Opening'}`;
}

/** The day that the form says, or what is wrong in which field. */
export function readExtractionForm(
  form: ExtractionForm,
  preferences: Preferences,
  former: ExtractionContent | null = null,
): Parsed<ExtractionContent> {
  const reader = new FormReader(preferences);
  const strainer = readStrainer(reader, form, former);
  const candidate = {
    name: form.name,
    day: form.day,
    startMin: readClockField(reader, 'start', form.start),
    lotId: form.lotId === '' ? null : form.lotId,
    frames: reader.number('frames', form.frames),
    framesPerBox: reader.number('framesPerBox', form.framesPerBox),
    honeyKgPerFrame: reader.quantity('honeyPerFrame', form.honeyPerFrame, 'mass'),
    face: form.face,
    newComb: form.newComb === 'yes',
    honeyKind: form.honeyKind,
    temperatureC: reader.quantity('temperature', form.temperature, 'temperature'),
    moisturePercent: reader.number('moisture', form.moisture),
    people: readPeople(reader, 'people', form.people),
    tool: {
      kind: form.toolKind,
      secondsPerFrame: reader.number('secondsPerFrame', form.secondsPerFrame),
      lossShare: reader.number('toolLoss', form.toolLoss) / 100,
      count: reader.number('tools', form.tools),
      rackFrames: reader.number('rackFrames', form.rackFrames),
    },
    extractor: {
      count: reader.number('extractors', form.extractors),
      framesPerLoad: reader.number('framesPerLoad', form.framesPerLoad),
      spinMinutes: reader.number('spin', form.spin),
      turned: form.turned === 'yes',
      handleMinutes: reader.number('handle', form.handle),
      turnMinutes: reader.number('turn', form.turn),
      byHand: form.drive === 'hand',
      leftShare: reader.number('left', form.left) / 100,
      wallsKg: reader.quantity('walls', form.walls, 'mass'),
      sumpKg: reader.quantity('sump', form.sump, 'mass'),
    },
    strainer,
    pail: {
      kg: reader.quantity('pail', form.pail, 'mass'),
      changeMinutes: reader.number('pailChange', form.pailChange),
      have: reader.number('pailsHave', form.pailsHave),
    },
    breaks: readBreaks(reader, 'breaks', form.breaks),
    bees: {
      shutFromMin: readClockField(reader, 'shutFrom', form.shutFrom, true),
      shutToMin: readClockField(reader, 'shutTo', form.shutTo, true),
      boxesInside: reader.optionalNumber('boxesInside', form.boxesInside),
      carryMinutes: reader.number('carry', form.carry),
      wetOutFromMin: readClockField(reader, 'wetOutFrom', form.wetOutFrom, true),
      wetOutMinutes: reader.number('wetOut', form.wetOut),
    },
    cleanUp: former?.cleanUp ?? USUAL_DAY.cleanUp,
    startedAt: former?.startedAt ?? null,
    doneAt: former?.doneAt ?? null,
    remark: form.remark,
  };
  return reader.finish(extractionContentSchema, candidate, (path) =>
    fieldOf(path, strainer.meshes.length),
  );
}
