import {
  jarMoveContentSchema,
  packingContentSchema,
  storeMoveContentSchema,
  vesselRefOf,
  type JarMoveContent,
  type PackingContent,
  type PlaceKind,
  type Preferences,
  type Release,
  type StoreAct,
  type StoreMoveContent,
} from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { choice, codec, moment, number, optional, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';
import { decimalText } from '../../format/decimal';
import { jarUnit, readJarKg, type JarHoney } from '../../format/jarSize';
import { readWithUnit } from '../../format/typedUnits';
import { PLACE_NAMES, PURPOSE_NAMES } from '../../words/storeWords';
import { unitOf } from '../../format/units';
import type { Gate } from '../../gate/gate';
import { gramsField } from './gramsField';
import { readRelease, releaseFields, releasePlace, releaseValues } from '../../gate/releaseForm';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';

const ACT_NAMES: Readonly<Record<StoreAct, string>> = {
  placed: storeWords.whereItIs(),
  looked: storeWords.checkedAllWell2(),
  opened: storeWords.itWasOpened(),
  'stood-open': storeWords.itStoodOpen(),
  taken: storeWords.honeyWasTaken(),
  emptied: storeWords.itIsEmpty(),
};

/** Where it stands; null for what is no placing. */
const placeKind: Codec<PlaceKind | null, PlaceKind> = {
  ...choice(storeWords.whereItStands(), PLACE_NAMES, { as: 'select' }),
  fill: (value) => value ?? 'cellar',
};

/** A move of a container. */
export const moveEntry = entryOf(
  storeMoveContentSchema,
  {
    act: choice(storeWords.whatHappened(), ACT_NAMES),
    placeKind,
    place: words(storeWords.itsName(), { hint: storeWords.forExampleBackShelfOptional() }),
    temperatureC: optional(
      quantity('temperature', storeWords.temperatureThere(), {
        hint: storeWords.usualValueIfEmpty(),
      }),
    ),
    massKg: optional(quantity('mass', commonWords.taken())),
    at: moment(storeWords.when()),
    remark: words(commonWords.remark()),
    ...releaseFields,
  },
  {
    unasked: ({ act }) => ({
      ...(act === 'placed' ? {} : { placeKind: null, place: '', temperatureC: null }),
      ...(act === 'taken' ? {} : { massKg: null }),
    }),
  },
);
export type MoveForm = FormOf<typeof moveEntry.fields>;

export const freshMove = (nowIso: string, preferences: Preferences): MoveForm =>
  moveEntry.fill({ act: 'placed', at: nowIso, placeKind: 'cellar' }, preferences);

/** The move that a form says of one vessel. */
export const readMoveForm = (
  form: MoveForm,
  { containerId, item }: { readonly containerId: string; readonly item: number },
  { preferences, gate }: { readonly preferences: Preferences; readonly gate: Gate },
): Parsed<StoreMoveContent> =>
  moveEntry.read(form, preferences, {
    rest: ({ act }, reader) => ({
      containerId,
      item,
      // Honey that is blocked may be moved, best to where it is kept apart; it may not be taken.
      ...(act === 'taken' ? readRelease(form, gate, { reader, field: 'massKg' }) : {}),
    }),
    place: releasePlace,
  });

/** The container that was filled from; the record holds how much each gave. */
const filledFrom: Codec<PackingContent['from'], string> = codec(
  { as: 'select', label: storeWords.filledFrom() },
  '',
  ([first]) => (first ? `${first.containerId}#${first.item}` : ''),
  (typed, at) => {
    const { containerId, item } = vesselRefOf(typed);
    if (containerId !== null) return [{ containerId, item: item ?? 1, massKg: 0 }];
    at.fail(storeWords.chooseTheContainerYouFilled());
    return [];
  },
);

/** Jars as they are filled. */
export const packEntry = entryOf(packingContentSchema, {
  from: filledFrom,
  count: number(storeWords.jars(), { digits: 0 }),
  jarG: gramsField(storeWords.netWeightOfEach()),
  code: words(storeWords.jarCode(), { hint: storeWords.printedOnEveryJarFollowed() }),
  packedAt: moment(storeWords.filled()),
  // may lie further ahead than any day of work
  bestBefore: words(storeWords.bestBefore(), { type: 'date' }),
  remark: words(commonWords.remark()),
  ...releaseFields,
});
export type PackForm = FormOf<typeof packEntry.fields>;

export function packFormOf(
  content: PackingContent | null,
  fresh: {
    /** the container that is filled from, empty where it is to be chosen */
    readonly from?: string;
    readonly code: string;
    readonly nowIso: string;
    readonly bestBefore: string;
  },
  preferences: Preferences,
): PackForm {
  if (content) {
    return packEntry.fill({ ...content, ...releaseValues(content.release) }, preferences);
  }
  const { from = '', code, nowIso, bestBefore } = fresh;
  const { grams } = jarUnit(preferences);
  const usual = { jarG: grams === 1 ? 500 : 16 * grams, packedAt: nowIso };
  return { ...packEntry.fill({ ...usual, code, bestBefore }, preferences), from };
}

/** What was typed of a jar; one called by its volume by what it holds of this honey. */
function jarByWeight(text: string, honey: JarHoney): string {
  const { name, grams } = jarUnit(honey.preferences);
  const isByVolume = /[a-z]/i.test(text) && !readWithUnit(text, name, honey.preferences).ok;
  const kg = isByVolume ? readJarKg(text, honey) : null;
  return kg === null ? text : decimalText((1000 * kg) / grams, 1);
}

/** What was filled, with the honey that it took; more than is left in the container is refused. */
export const readPackForm = (
  form: PackForm,
  {
    preferences,
    moisturePercent,
    leftKg,
    gateFor,
  }: JarHoney & {
    readonly leftKg: (vesselId: string) => number | null;
    readonly gateFor: (vesselIds: readonly string[]) => Gate;
  },
): Parsed<PackingContent> =>
  packEntry.read(
    {
      ...form,
      code: form.code.trim(),
      jarG: jarByWeight(form.jarG, { preferences, moisturePercent }),
    },
    preferences,
    {
      rest: ({ from, jarG: each, count }, reader) => {
        const massKg = (each * count) / 1000;
        const left = leftKg(form.from);
        const mass = unitOf('mass', preferences);
        const said = (kg: number): string => `${mass.fromBase(kg).toFixed(1)} ${mass.name}`;
        if (left !== null && massKg > left + 0.05) {
          reader
            .at('count')
            .fail(storeWords.thatIsButOnlyAre({ said: said(massKg), said2: said(left) }));
        }
        const gate = gateFor(form.from === '' ? [] : [form.from]);
        return {
          from: from.map((item) => ({ ...item, massKg })),
          ...readRelease(form, gate, { reader, field: 'from' }),
        };
      },
      place: releasePlace,
    },
  );

const JAR_ACTS: Readonly<Record<JarMoveContent['act'], string>> = {
  'set-aside': storeWords.setAside(),
  'given-out': storeWords.soldOrGivenAway(),
};

/** Jars set aside or given out. */
export const jarMoveEntry = entryOf(
  jarMoveContentSchema,
  {
    act: choice(storeWords.whatHappensToThem(), JAR_ACTS),
    purpose: choice(storeWords.for(), PURPOSE_NAMES, { as: 'select' }),
    count: number(storeWords.jars(), { digits: 0 }),
    firstNumber: optional(
      number(storeWords.fromNumber(), { digits: 0, hint: storeWords.ifYouKnowTheNumbers() }),
    ),
    to: words(storeWords.whoHasThem(), {
      hint: storeWords.neededForARecallFor(),
    }),
    at: moment(storeWords.when()),
    remark: words(commonWords.remark()),
    ...releaseFields,
  },
  { unasked: ({ act }) => (act === 'given-out' ? {} : { to: '' }) },
);
export type JarMoveForm = FormOf<typeof jarMoveEntry.fields>;

export const freshJarMove = (
  nowIso: string,
  preferences: Preferences,
  release?: Release,
): JarMoveForm =>
  jarMoveEntry.fill({ purpose: 'sale', at: nowIso, ...releaseValues(release) }, preferences);

/** What becomes of jars; no more than there are. */
export const readJarMoveForm = (
  form: JarMoveForm,
  packing: {
    readonly id: string;
    readonly free: number;
    readonly left: number;
    readonly setAside: number;
  },
  { preferences, gate }: { readonly preferences: Preferences; readonly gate: Gate },
): Parsed<JarMoveContent> =>
  jarMoveEntry.read(form, preferences, {
    rest: ({ act, count }, reader) => {
      const release = readRelease(form, gate, { reader, field: 'count' });
      const isAside = act === 'set-aside';
      const atMost = isAside ? packing.free : packing.free + packing.setAside;
      const said = isAside ? storeWords.notSetAsideYet() : storeWords.freeOrSetAsideFor();
      if (count > atMost) reader.at('count').fail(storeWords.onlyOfTheseJarsAre({ atMost, said }));
      return { packingId: packing.id, ...release };
    },
    place: releasePlace,
  });
