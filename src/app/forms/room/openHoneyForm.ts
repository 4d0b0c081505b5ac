import {
  LAYOUT_FACTOR,
  TYPICAL_MOISTURE_PERCENT,
  honeyDepthMm,
  type HoneyPart,
  type OpenHoneyTask,
} from '../../../core';
import { BOX_TARE_KG } from '../../../model';
import { between, z, type Preferences } from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { asIs, number, percent, quantity } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed, Reader } from '../../entry/reader';
import { commonWords } from '../../words/english/common';
import { roomFormWords } from '../../words/english/roomForm';

/** What stands: combs in a shed, a pail or strainer, or honey spread out to dry. */
export const STANDING_KINDS = ['combs', 'pail', 'tray'] as const;
export type OpenHoneyKind = (typeof STANDING_KINDS)[number];

/** What is asked of standing honey; null where its kind does not have it. */
const askedSchema = z.object({
  kind: z.enum(STANDING_KINDS),
  massKg: between(0.1, 5000),
  moisturePercent: between(12, 30),
  openShare: between(0, 1).nullable(),
  cappedPercent: between(12, 30).nullable(),
  areaDm2: between(0.5, 5000).nullable(),
  stirredEveryHours: between(0, 720).refine(
    (hours) => hours === 0 || hours >= 0.25,
    'stirredTooOften',
  ),
  airC: between(-5, 55),
  relativeHumidity: between(0, 1),
  honeyC: between(-5, 55),
  hours: between(0.5, 720),
});
type Asked = z.infer<typeof askedSchema>;

/** A number that some kinds do not have. */
const ofSome = (codec: Codec<number, string>): Codec<number | null, string> => ({
  ...codec,
  fill: (value, preferences) => (value === null ? '' : codec.fill(value, preferences)),
});

const NOT_OF_COMBS = { areaDm2: null, stirredEveryHours: 0 } as const;
const NOT_OF_LAYERS = { openShare: null, cappedPercent: null } as const;

export const openHoneyEntry = entryOf(
  askedSchema,
  {
    kind: asIs<OpenHoneyKind>('combs'),
    massKg: quantity('mass', commonWords.honey(), { digits: 1 }),
    openShare: ofSome(percent(roomFormWords.openHoney())),
    areaDm2: ofSome(number(roomFormWords.totalSurface(), { unit: 'dm²' })),
    moisturePercent: number(commonWords.waterContent(), { unit: '%' }),
    cappedPercent: ofSome(number(roomFormWords.underCappingsInside(), { unit: '%' })),
    stirredEveryHours: number(roomFormWords.stirredEvery(), {
      unit: roomFormWords.hours(),
      hint: roomFormWords.forNever(),
    }),
    airC: quantity('temperature', roomFormWords.air()),
    relativeHumidity: percent(roomFormWords.humidity(), { unit: '% RH' }),
    honeyC: quantity('temperature', roomFormWords.honeyAtTheStart()),
    hours: number(roomFormWords.standsFor(), { unit: roomFormWords.hours() }),
  },
  {
    unasked: ({ kind }) => {
      if (kind === 'combs') return NOT_OF_COMBS;
      return kind === 'tray' ? NOT_OF_LAYERS : { ...NOT_OF_LAYERS, stirredEveryHours: 0 };
    },
  },
);
export type OpenHoneyForm = FormOf<typeof openHoneyEntry.fields>;

/** Everything that the course of standing honey follows from. */
export interface Standing extends OpenHoneyTask {
  /** of honey in a pail or on trays [mm]; null for combs */
  readonly depthMm: number | null;
}

/** What differs from kind to kind. @source common practice, no source */
const USUAL: Readonly<
  Record<OpenHoneyKind, Pick<Asked, 'massKg' | 'areaDm2' | 'hours' | 'stirredEveryHours'>>
> = {
  combs: { massKg: 60, areaDm2: null, hours: 12, stirredEveryHours: 0 },
  pail: { massKg: 15, areaDm2: 6, hours: 12, stirredEveryHours: 0 },
  tray: { massKg: 10, areaDm2: 60, hours: 48, stirredEveryHours: 4 },
};

/** A form for one kind: a damp night for what waits, a dry room for what is to dry. */
export function freshOpenHoney(kind: OpenHoneyKind, preferences: Preferences): OpenHoneyForm {
  const dry = kind === 'tray';
  return openHoneyEntry.fill(
    {
      kind,
      ...USUAL[kind],
      moisturePercent: dry ? 19.5 : 18,
      openShare: 0.33,
      cappedPercent: TYPICAL_MOISTURE_PERCENT,
      airC: dry ? 28 : 17,
      relativeHumidity: dry ? 0.35 : 0.8,
      honeyC: dry ? 25 : 20,
    },
    preferences,
  );
}

function combParts({ massKg, openShare, moisturePercent, cappedPercent }: Asked): HoneyPart[] {
  const open = openShare ?? 1;
  const parts: HoneyPart[] = [
    { surface: 'open', massKg: massKg * open, moisturePercent },
    {
      surface: 'capped',
      massKg: massKg * (1 - open),
      moisturePercent: cappedPercent ?? moisturePercent,
    },
  ];
  return parts.filter((part) => part.massKg > 0.001 * massKg);
}

/** Depth of a layer [mm]; null for combs and for what cannot be one. */
function depthOf({ areaDm2, massKg, moisturePercent }: Asked): number | null {
  const isRead = areaDm2 !== null && areaDm2 > 0 && massKg > 0 && moisturePercent > 0;
  return isRead ? honeyDepthMm(massKg, areaDm2, moisturePercent) : null;
}

function checkDepth(asked: Asked, reader: Reader): void {
  if (!askedSchema.safeParse(asked).success) return;
  const depthMm = depthOf(asked);
  if (depthMm === null || (depthMm >= 0.5 && depthMm <= 500)) return;
  const deep =
    depthMm > 500
      ? roomFormWords.deeperThanHalfAMetre()
      : roomFormWords.thinnerThanHalfAMillimetre();
  reader.at('areaDm2').fail(roomFormWords.theHoneyWouldStandCheck({ deep }));
}

/** What the form says, or what is wrong in which field. */
export function readOpenHoneyForm(form: OpenHoneyForm, preferences: Preferences): Parsed<Standing> {
  const parsed = openHoneyEntry.read(form, preferences, { check: checkDepth });
  if (!parsed.ok) return parsed;
  const asked = parsed.content;
  const { kind, massKg, airC, relativeHumidity, honeyC, hours, stirredEveryHours } = asked;
  const combs = kind === 'combs';
  const depthMm = depthOf(asked);
  const layer: HoneyPart = {
    surface: 'open',
    massKg,
    moisturePercent: asked.moisturePercent,
    ...(depthMm === null ? {} : { depthMm }),
  };
  return {
    ok: true,
    content: {
      parts: combs ? combParts(asked) : [layer],
      air: { temperatureC: airC, relativeHumidity },
      honeyC,
      airFactor: combs ? LAYOUT_FACTOR.crossed : kind === 'pail' ? LAYOUT_FACTOR.tight : 1,
      tareKg: combs ? (BOX_TARE_KG * massKg) / 15 : 1,
      hours,
      stirredEveryHours,
      depthMm,
    },
  };
}
