import { saturationAt, vapourPressureKPa, vapourPressureSlopeKPa } from '../../drying/moistAir';
import { diffusivityFactor } from '../../drying/rates';
import type { BatchSlot } from './batch';
import { airAt, type AirState, type AirOverTime } from '../airOverTime';
import { evaluatePart, factorPart, partWork, type HoneyAir, type WorkingPart } from './honeyFlux';
import {
  EVAPORATION_J_PER_KG,
  NO_FLOWS,
  dryAirKg,
  roomFlows,
  roomHeatCapacity,
  type RoomFlows,
  type WarmRoom,
} from '../room';

/** The air about the combs: a room with its own balance, or air that is known. */
export type Surroundings =
  | { readonly kind: 'room'; readonly room: WarmRoom; readonly outside: AirOverTime }
  | { readonly kind: 'known'; readonly air: AirOverTime };

/** Where temperature and humidity ratio of the air stand in the state. */
export const AIR_TEMPERATURE = 0;
export const AIR_RATIO = 1;

const NO_AIR: HoneyAir = {
  pressureKPa: NaN,
  slopeKPaPerK: NaN,
  diffusing: NaN,
  vapourKPa: NaN,
  vapourByRatio: NaN,
};

/** A batch with the work space of its parts. */
export interface WorkingBatch {
  readonly slot: BatchSlot;
  readonly parts: readonly WorkingPart[];
  /** temperature and evaporation of a stage, expressed by the air */
  readonly answer: Float64Array;
  /** set anew at every evaluation */
  readonly about: { -readonly [Key in keyof HoneyAir]: HoneyAir[Key] };
}

/** Slopes of the room's flows by temperature and humidity ratio of its air. */
export interface FlowSlopes {
  readonly byTemperature: RoomFlows;
  readonly byRatio: RoomFlows;
}

/** Room and batches with all that the solver needs between its stages. */
export interface DryingSystem {
  readonly surroundings: Surroundings;
  readonly batches: readonly WorkingBatch[];
  /** of the air and interior [J/K], and its dry air [kg] */
  readonly heatCapacity: number;
  readonly dryAir: number;
  readonly flows: RoomFlows;
  readonly slopes: FlowSlopes;
  readonly outside: AirState;
  /** room for what is looked at between stages */
  readonly roomAir: AirState;
  readonly nudged: RoomFlows;
}

/** A system over slots that begin after the two values of the air. */
export function dryingSystem(
  surroundings: Surroundings,
  slots: readonly BatchSlot[],
): DryingSystem {
  const room = surroundings.kind === 'room' ? surroundings.room : null;
  return {
    surroundings,
    batches: slots.map((slot) => ({
      slot,
      parts: slot.parts.map((part) => ({ slot: part, work: partWork(part.nodes) })),
      answer: new Float64Array(6),
      about: { ...NO_AIR },
    })),
    heatCapacity: room ? roomHeatCapacity(room) : 1,
    dryAir: room ? dryAirKg(room) : 1,
    flows: { ...NO_FLOWS },
    slopes: { byTemperature: { ...NO_FLOWS }, byRatio: { ...NO_FLOWS } },
    outside: { temperatureC: 0, ratio: 0 },
    roomAir: { temperatureC: 0, ratio: 0 },
    nudged: { ...NO_FLOWS },
  };
}

/** Flows of the room itself at a state, into `system.flows`; none where the air is known. */
function evaluateRoom(system: DryingSystem, day: number, state: Float64Array): void {
  if (system.surroundings.kind === 'known') return;
  const { room, outside } = system.surroundings;
  const { roomAir } = system;
  airAt(outside, day, system.outside);
  roomAir.temperatureC = state[AIR_TEMPERATURE]!;
  roomAir.ratio = state[AIR_RATIO]!;
  roomFlows(room, roomAir, system.outside, system.flows);
}

/**
 * Rates of change of the whole state [1/d], into `rates`; the flows of the room stay in the system.
 *
 * @param day - since the start [d]
 */
export function evaluate(
  system: DryingSystem,
  day: number,
  state: Float64Array,
  rates: Float64Array,
): void {
  evaluateRoom(system, day, state);
  const { flows } = system;
  const airC = state[AIR_TEMPERATURE]!;
  const vapourKPa = vapourPressureKPa(state[AIR_RATIO]!);
  let heat = flows.heat;
  let water = flows.leaked - flows.removed - flows.condensed;
  for (const { slot, parts, about } of system.batches) {
    const honeyC = state[slot.temperatureAt]!;
    saturationAt(honeyC, about);
    about.diffusing = diffusivityFactor(honeyC);
    about.vapourKPa = vapourKPa;
    let evaporated = 0;
    for (const part of parts) {
      evaluatePart(part, state, about, rates);
      evaporated += part.slot.areaM2 * part.work.flux;
    }
    const taken = slot.exchangeJPerDayK * (airC - honeyC);
    rates[slot.temperatureAt] = (taken - EVAPORATION_J_PER_KG * evaporated) / slot.heatJPerK;
    heat -= taken;
    water += evaporated;
  }
  rates[AIR_TEMPERATURE] = heat / system.heatCapacity;
  rates[AIR_RATIO] = water / system.dryAir;
}

const FLOW_NAMES = Object.keys(NO_FLOWS) as (keyof RoomFlows)[];
const NUDGE_K = 0.01;
const NUDGE_RATIO = 1e-6;

function slope(system: DryingSystem, nudge: number, into: RoomFlows): void {
  if (system.surroundings.kind === 'known') return;
  const { roomAir, nudged } = system;
  roomFlows(system.surroundings.room, roomAir, system.outside, nudged);
  for (const name of FLOW_NAMES) into[name] = (nudged[name] - system.flows[name]) / nudge;
}

/** Slopes of the room and factors of all parts at the state last evaluated. */
export function linearise(system: DryingSystem, state: Float64Array, tau: number): void {
  const { roomAir } = system;
  roomAir.temperatureC = state[AIR_TEMPERATURE]! + NUDGE_K;
  roomAir.ratio = state[AIR_RATIO]!;
  slope(system, NUDGE_K, system.slopes.byTemperature);
  roomAir.temperatureC = state[AIR_TEMPERATURE]!;
  roomAir.ratio = state[AIR_RATIO]! + NUDGE_RATIO;
  slope(system, NUDGE_RATIO, system.slopes.byRatio);
  const vapourByRatio = vapourPressureSlopeKPa(state[AIR_RATIO]!);
  for (const { parts, about } of system.batches) {
    about.vapourByRatio = vapourByRatio;
    for (const part of parts) factorPart(part, state, about, tau);
  }
}
