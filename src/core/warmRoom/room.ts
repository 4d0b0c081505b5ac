import {
  dryAirKgPerM3,
  quickRelativeHumidity,
  vapourPressureKPa,
  quickSaturationKPa,
} from '../drying/moistAir';
import type { AirState } from './airOverTime';
import { machineDuty, removalKgPerDay, smoothSwitch, type Dehumidifier } from './dehumidifier';

/** A room in which combs dry. */
export interface WarmRoom {
  readonly volumeM3: number;
  /** most that the heater gives [W] */
  readonly heaterW: number;
  readonly setPointC: number;
  /** null where there is none */
  readonly dehumidifier: Dehumidifier | null;
  /** all fans together [W] */
  readonly fanW: number;
  /** exchange with the air outside [1/h] */
  readonly airChangesPerHour: number;
  /** through walls, floor and ceiling [W/K] */
  readonly wallLossWPerK: number;
}

/** Heat that water takes to evaporate at about 33 °C [J/kg]. @source ASHRAE Handbook, recalled from memory */
export const EVAPORATION_J_PER_KG = 2.42e6;

/** Heat capacity of dry air [J/(kg·K)]. @source recalled from memory */
const AIR_J_PER_KG_K = 1006;

/** Heat capacity of air, walls' skin and fittings by that of the air alone [1]. @source common practice, no source */
export const INTERIOR_FACTOR = 6;

/** How sharply the thermostat turns: over so much from a quarter of its heat to three quarters [K]. */
const THERMOSTAT_WIDTH_K = 0.25;

/** How fast vapour above saturation condenses [kg/(d·kPa) by kg of dry air]. */
const CONDENSING = 50;

const SECONDS_PER_DAY = 86_400;
const HOURS_PER_DAY = 24;

/** What the room itself does with heat and water; batches come on top. */
export interface RoomFlows {
  /** into the air [J/d] */
  heat: number;
  /** taken by the machine [kg/d] */
  removed: number;
  /** in from outside, negative where it leaves [kg/d] */
  leaked: number;
  /** on cold surfaces [kg/d] */
  condensed: number;
  /** electricity [J/d] */
  heater: number;
  machine: number;
}

export const NO_FLOWS: Readonly<RoomFlows> = {
  heat: 0,
  removed: 0,
  leaked: 0,
  condensed: 0,
  heater: 0,
  machine: 0,
};

/** Dry air in the room; it does not change [kg]. */
export function dryAirKg({ volumeM3, setPointC }: WarmRoom): number {
  return volumeM3 * dryAirKgPerM3(setPointC);
}

/** Heat capacity of air and interior [J/K]. */
export function roomHeatCapacity(room: WarmRoom): number {
  return dryAirKg(room) * AIR_J_PER_KG_K * INTERIOR_FACTOR;
}

/**
 * Heat and water that heater, machine, fans, leakage and walls give to the air.
 *
 * @param air - of the room
 * @param outside - air around it
 * @param into - where the result is put, so that nothing is allocated
 * @source heat and water balance; the machine gives back the heat of the water it takes and its own power
 */
export function roomFlows(
  room: WarmRoom,
  air: AirState,
  outside: AirState,
  into: RoomFlows,
): RoomFlows {
  const { dehumidifier } = room;
  const { temperatureC, ratio } = air;
  const warmer = outside.temperatureC - temperatureC;
  const exchanged = room.airChangesPerHour * HOURS_PER_DAY * dryAirKg(room);
  const humidity = quickRelativeHumidity(temperatureC, ratio);
  const calls = smoothSwitch((room.setPointC - temperatureC) / THERMOSTAT_WIDTH_K);
  into.heater = SECONDS_PER_DAY * room.heaterW * calls;
  into.removed = dehumidifier ? removalKgPerDay(dehumidifier, temperatureC, humidity) : 0;
  into.machine = dehumidifier
    ? SECONDS_PER_DAY * dehumidifier.powerW * machineDuty(dehumidifier, humidity)
    : 0;
  into.leaked = exchanged * (outside.ratio - ratio);
  const above = vapourPressureKPa(ratio) - quickSaturationKPa(temperatureC);
  into.condensed = above > 0 ? CONDENSING * dryAirKg(room) * above : 0;
  into.heat =
    into.heater +
    into.machine +
    SECONDS_PER_DAY * (room.fanW + room.wallLossWPerK * warmer) +
    exchanged * AIR_J_PER_KG_K * warmer +
    EVAPORATION_J_PER_KG * (into.removed + into.condensed);
  return into;
}
