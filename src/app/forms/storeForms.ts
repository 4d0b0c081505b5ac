import {
  jarMoveContentSchema,
  packingContentSchema,
  storeMoveContentSchema,
  vesselRefOf,
  type JarMoveContent,
  type PackingContent,
  type PlaceKind,
  type Preferences,
  type Purpose,
  type Release,
  type StoreAct,
  type StoreMoveContent,
} from '../../records';
import { decimalText } from '../format/decimal';
import { localText } from '../format/localMoment';
import { unitOf } from '../format/units';
import type { Gate } from '../gate/gate';
import {
  NO_RELEASE,
  readRelease,
  releaseField,
  releaseFormOf,
  type ReleaseForm,
} from '../gate/releaseForm';
import { FormReader, type Parsed } from './parsed';

/** A move of a container as it is typed. */
export interface MoveForm extends ReleaseForm {
  act: StoreAct;
  at: string;
  placeKind: PlaceKind;
  place: string;
  temperature: string;
  mass: string;
  remark: string;
}

export const freshMove = (nowIso: string): MoveForm => ({
  act: 'placed',
  at: localText(nowIso),
  placeKind: 'cellar',
  place: '',
  temperature: '',
  mass: '',
  remark: '',
  ...NO_RELEASE,
});

const MOVE_FIELDS: Readonly<Record<string, string>> = {
  temperatureC: 'temperature',
  massKg: 'mass',
};

/** The move that a form says of one vessel. */
export function readMoveForm(
  form: MoveForm,
  vessel: { readonly containerId: string; readonly item: number },
  { preferences, gate }: { readonly preferences: Preferences; readonly gate: Gate },
): Parsed<StoreMoveContent> {
  const reader = new FormReader(preferences);
  // Honey that is blocked may be moved, best to where it is kept apart; it may not be taken.
  const release = form.act === 'taken' ? readRelease(form, gate, { reader, field: 'mass' }) : {};
  const isPlaced = form.act === 'placed';
  const optional = (field: 'temperature' | 'mass', quantity: 'temperature' | 'mass') =>
    form[field].trim() === '' ? null : reader.quantity(field, form[field], quantity);
  const candidate = {
    containerId: vessel.containerId,
    item: vessel.item,
    act: form.act,
    at: reader.moment('at', form.at),
    placeKind: isPlaced ? form.placeKind : null,
    place: isPlaced ? form.place : '',
    temperatureC: isPlaced ? optional('temperature', 'temperature') : null,
    massKg: form.act === 'taken' ? optional('mass', 'mass') : null,
    remark: form.remark,
    ...release,
  };
  return reader.finish(
    storeMoveContentSchema,
    candidate,
    (path) => MOVE_FIELDS[path] ?? releaseField(path),
  );
}

/** Jars as they are filled. */
export interface PackForm extends ReleaseForm {
  code: string;
  packedAt: string;
  /** net, in grams or ounces by the keeper's unit of mass */
  jar: string;
  count: string;
  vessel: string;
  bestBefore: string;
  remark: string;
}

/** Ounces to grams. @source international avoirdupois ounce */
const G_PER_OUNCE = 28.349523125;

/** Unit of a jar's net weight: small units of what the keeper weighs in. */
export const jarUnit = (preferences: Preferences): { name: string; grams: number } =>
  preferences.massUnit === 'lb' ? { name: 'oz', grams: G_PER_OUNCE } : { name: 'g', grams: 1 };

export function packFormOf(
  content: PackingContent | null,
  fresh: { readonly code: string; readonly nowIso: string; readonly bestBefore: string },
  preferences: Preferences,
): PackForm {
  const { grams } = jarUnit(preferences);
  if (!content) {
    return {
      code: fresh.code,
      packedAt: localText(fresh.nowIso),
      jar: grams === 1 ? '500' : '16',
      count: '',
      vessel: '',
      bestBefore: fresh.bestBefore,
      remark: '',
      ...NO_RELEASE,
    };
  }
  const [from] = content.from;
  return {
    code: content.code,
    packedAt: localText(content.packedAt),
    jar: decimalText(content.jarG / grams, 1),
    count: String(content.count),
    vessel: from ? `${from.containerId}#${from.item}` : '',
    bestBefore: content.bestBefore,
    remark: content.remark,
    ...releaseFormOf(content.release),
  };
}

const PACK_FIELDS: Readonly<Record<string, string>> = { jarG: 'jar', from: 'vessel' };

/** What was filled, with the honey that it took; more than is left in the container is refused. */
export function readPackForm(
  form: PackForm,
  {
    preferences,
    leftKg,
    gateFor,
  }: {
    readonly preferences: Preferences;
    readonly leftKg: (vesselId: string) => number | null;
    readonly gateFor: (vesselIds: readonly string[]) => Gate;
  },
): Parsed<PackingContent> {
  const reader = new FormReader(preferences);
  const gate = gateFor(form.vessel === '' ? [] : [form.vessel]);
  const release = readRelease(form, gate, { reader, field: 'vessel' });
  const jarG = reader.number('jar', form.jar) * jarUnit(preferences).grams;
  const count = reader.number('count', form.count);
  const massKg = (jarG * count) / 1000;
  const { containerId, item } = vesselRefOf(form.vessel);
  if (containerId === null) reader.fail('vessel', 'Choose the container that was filled from.');
  const left = leftKg(form.vessel);
  const mass = unitOf('mass', preferences);
  if (left !== null && massKg > left + 0.05) {
    reader.fail(
      'count',
      `That is ${mass.fromBase(massKg).toFixed(1)} ${mass.name}, and only ${mass.fromBase(left).toFixed(1)} ${mass.name} are left in it.`,
    );
  }
  const candidate = {
    code: form.code.trim(),
    packedAt: reader.moment('packedAt', form.packedAt),
    jarG,
    count,
    from: containerId === null ? [] : [{ containerId, item: item ?? 1, massKg }],
    bestBefore: form.bestBefore,
    remark: form.remark,
    ...release,
  };
  return reader.finish(
    packingContentSchema,
    candidate,
    (path) => PACK_FIELDS[path.split('.')[0] ?? ''] ?? releaseField(path),
  );
}

/** Jars set aside or given out, as it is typed. */
export interface JarMoveForm extends ReleaseForm {
  act: JarMoveContent['act'];
  purpose: Purpose;
  count: string;
  firstNumber: string;
  to: string;
  at: string;
  remark: string;
}

export const freshJarMove = (nowIso: string, release?: Release): JarMoveForm => ({
  act: 'set-aside',
  purpose: 'sale',
  count: '',
  firstNumber: '',
  to: '',
  at: localText(nowIso),
  remark: '',
  ...releaseFormOf(release),
});

/** What becomes of jars; no more than there are. */
export function readJarMoveForm(
  form: JarMoveForm,
  packing: {
    readonly id: string;
    readonly free: number;
    readonly left: number;
    readonly setAside: number;
  },
  { preferences, gate }: { readonly preferences: Preferences; readonly gate: Gate },
): Parsed<JarMoveContent> {
  const reader = new FormReader(preferences);
  const release = readRelease(form, gate, { reader, field: 'count' });
  const count = reader.number('count', form.count);
  const atMost = form.act === 'set-aside' ? packing.free : packing.free + packing.setAside;
  if (count > atMost) {
    reader.fail(
      'count',
      form.act === 'set-aside'
        ? `Only ${atMost} of these jars are not set aside yet.`
        : `Only ${atMost} of these jars are free or set aside for that.`,
    );
  }
  const candidate = {
    packingId: packing.id,
    act: form.act,
    purpose: form.purpose,
    count,
    firstNumber: reader.optionalNumber('firstNumber', form.firstNumber),
    to: form.act === 'given-out' ? form.to : '',
    at: reader.moment('at', form.at),
    remark: form.remark,
    ...release,
  };
  return reader.finish(jarMoveContentSchema, candidate, releaseField);
}
