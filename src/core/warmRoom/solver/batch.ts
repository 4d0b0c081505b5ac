import { DomainError, requireInRange } from '../../errors';
import { HONEY_DEPTH_MM } from '../../mass/combMass';
import { layersOf, type Layers } from '../../drying/layers';
import { waterRatioOf } from '../../drying/norrish';
import { DIFFUSION_PER_RATIO, perDay, type DryingRates } from '../../drying/rates';

/** Temperatures that a comb, or the air about it, may have [°C]. */
export const COMB_RANGE_C: readonly [number, number] = [-20, 60];

export const SURFACES = ['open', 'capped'] as const;
export type Surface = (typeof SURFACES)[number];

/** Honey of one kind of surface in a batch. */
export interface HoneyPart {
  readonly surface: Surface;
  /** honey, water included, at the start [kg] */
  readonly massKg: number;
  /** at the start [%], 12..30 */
  readonly moisturePercent: number;
  /** from the closed end to the surface [mm]; of ordinary comb where not there */
  readonly depthMm?: number;
}

/** How boxes stand, by the air that reaches their combs. */
export const LAYOUTS = ['spread', 'crossed', 'tight'] as const;
export type Layout = (typeof LAYOUTS)[number];

/** Film and heat exchange by layout, relative to gently moving air on all sides [1]. @source common practice, no source */
export const LAYOUT_FACTOR: Readonly<Record<Layout, number>> = {
  spread: 1,
  crossed: 0.8,
  tight: 0.4,
};

/** Boxes, trays or vessels that come and go together. */
export interface DryingBatch {
  readonly id: string;
  readonly parts: readonly HoneyPart[];
  /** when it comes in, and goes out; null: it stays [d] */
  readonly inDay: number;
  readonly outDay: number | null;
  /** when it comes in [°C] */
  readonly temperatureC: number;
  /** film and heat exchange, relative to gently moving air [1] */
  readonly airFactor: number;
  /** wood, wax and metal that warm with it [kg] */
  readonly tareKg: number;
  /** how often it is stirred through [d]; never where not there */
  readonly stirredEveryDays?: number;
}

/** From air to honey, radiation between combs included [W/(m²·K)]. @source common practice, no source; cools open honey by 1 to 2 K */
const HEAT_EXCHANGE_W_PER_M2_K = 5;

/** Heat capacities [J/(kg·K)]. @source recalled from memory */
const HONEY_J_PER_KG_K = 2500;
const TARE_J_PER_KG_K = 1700;

const SECONDS_PER_DAY = 86_400;
const M_PER_MM = 0.001;

/** A part as the solver sees it. */
export interface PartSlot {
  readonly surface: Surface;
  readonly offset: number;
  readonly nodes: number;
  readonly layers: Layers;
  readonly areaM2: number;
  /** at 33 °C [m²/d] */
  readonly diffusivityM2PerDay: number;
  /** how its logarithm grows with the water by dry matter [1] */
  readonly diffusionPerRatio: number;
  /** of film and cappings in series [m²·d·kPa/kg] */
  readonly resistance: number;
  /** at the start [kg/kg] */
  readonly startRatio: number;
}

/** A batch as the solver sees it: where its state stands, and what it exchanges. */
export interface BatchSlot {
  readonly batch: DryingBatch;
  /** where its temperature stands in the state */
  readonly temperatureAt: number;
  readonly parts: readonly PartSlot[];
  readonly heatJPerK: number;
  readonly exchangeJPerDayK: number;
}

function partSlot(
  part: HoneyPart,
  { airFactor }: DryingBatch,
  { rates, nodes, layers: known }: SlotOptions,
  offset: number,
): PartSlot {
  const depthM = (part.depthMm ?? HONEY_DEPTH_MM.flush) * M_PER_MM;
  const layers = known.get(part) ?? layersOf(depthM, part.moisturePercent, nodes);
  known.set(part, layers);
  const film = 1 / (rates.filmKgPerM2DayKPa * airFactor);
  const capping = part.surface === 'capped' ? 1 / rates.cappingKgPerM2DayKPa : 0;
  const dryKg = part.massKg * (1 - part.moisturePercent / 100);
  return {
    surface: part.surface,
    offset,
    nodes,
    layers,
    areaM2: dryKg / layers.totalDryKgPerM2,
    diffusivityM2PerDay: perDay(rates.diffusivityM2PerS),
    diffusionPerRatio: rates.diffusionPerRatio ?? DIFFUSION_PER_RATIO,
    resistance: film + capping,
    startRatio: waterRatioOf(part.moisturePercent),
  };
}

/** Rates of one draw, and how fine the layers are. */
export interface SlotOptions {
  readonly rates: DryingRates;
  readonly nodes: number;
  /** made before; filled with those that are made now */
  readonly layers: Map<HoneyPart, Layers>;
}

function check(batch: DryingBatch): void {
  const fn = 'simulateDrying';
  if (batch.parts.length === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'parts', value: 0, unit: '1' });
  }
  for (const { massKg, moisturePercent } of batch.parts) {
    requireInRange(massKg, [1e-6, 1e5], { fn, param: 'massKg', unit: 'kg' });
    requireInRange(moisturePercent, [12, 30], { fn, param: 'moisturePercent', unit: '%' });
  }
  requireInRange(batch.airFactor, [0.05, 10], { fn, param: 'airFactor', unit: '1' });
  requireInRange(batch.temperatureC, COMB_RANGE_C, { fn, param: 'temperatureC', unit: '°C' });
}

/**
 * Batches laid out in a state that begins with temperature and humidity ratio of the air.
 *
 * @param first - where the first batch stands in the state
 * @throws DomainError `out-of-range`, `empty`
 */
export function slotsOf(
  batches: readonly DryingBatch[],
  options: SlotOptions,
  first: number,
): { readonly slots: readonly BatchSlot[]; readonly length: number } {
  let offset = first;
  const slots = batches.map((batch): BatchSlot => {
    check(batch);
    const temperatureAt = offset;
    offset += 1;
    const parts = batch.parts.map((part) => {
      const slot = partSlot(part, batch, options, offset);
      offset += options.nodes;
      return slot;
    });
    const honeyKg = batch.parts.reduce((sum, part) => sum + part.massKg, 0);
    const areaM2 = parts.reduce((sum, part) => sum + part.areaM2, 0);
    const perK = HEAT_EXCHANGE_W_PER_M2_K * batch.airFactor * SECONDS_PER_DAY;
    return {
      batch,
      temperatureAt,
      parts,
      heatJPerK: honeyKg * HONEY_J_PER_KG_K + batch.tareKg * TARE_J_PER_KG_K,
      exchangeJPerDayK: perK * areaM2,
    };
  });
  return { slots, length: offset };
}
