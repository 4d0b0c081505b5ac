import { useNavigate } from 'react-router';
import { isMeasured } from '../../../core';
import { pouredMoisture, type RuledLot } from '../../../model';
import type { Blend } from '../../../records';
import { selectWorkspace, useAppDispatch, useAppSelector } from '../../../store';
import { useBlends, useLedger, useRuledLots } from '../../data/useWorkspaceModel';
import { barredBecause } from './blendContainers';
import { makeBlendedLot } from './storeActs';

/** Why honey of a lot may not be poured now. */
function barredNow(lotId: string, lots: readonly RuledLot[]): string | null {
  const lot = lots.find((ruledLot) => ruledLot.file.lot.entityId === lotId);
  return lot ? barredBecause(lot.evidence, isMeasured(lot.ruling.belief)) : null;
}

/** A tank of a blend: its pours in order, what of them is done, and what still bars one. */
function tankOf(
  blend: Blend,
  at: number,
  { ticks, lots }: Pick<ReturnType<typeof useBlends>, 'ticks'> & { lots: readonly RuledLot[] },
) {
  const tank = blend.content.tanks[at]!;
  const own = ticks.filter((tick) => tick.ownerId === blend.entityId && tick.content.tank === at);
  const pours = tank.pours.map((line, pour) => ({
    line,
    pour,
    tick: own.find((tick) => tick.content.pour === pour) ?? null,
    barred: barredNow(line.lotId, lots),
  }));
  return {
    at,
    tank,
    pours,
    pouredKg: own.reduce((sum, tick) => sum + tick.content.massKg, 0),
    plannedKg: tank.pours.reduce((sum, pour) => sum + pour.massKg, 0),
    spiltKg: own.reduce((sum, tick) => sum + (tick.content.spiltKg ?? 0), 0),
    left: tank.pours.length - own.length,
    /** what it comes to with the rest as planned; null before anything is poured */
    comesTo:
      own.length === 0
        ? null
        : pouredMoisture(
            tank,
            pours.map(({ line, tick }) => ({
              meanPercent: line.meanPercent,
              massKg: tick?.content.massKg ?? line.massKg,
            })),
          ),
  };
}

/** A tank as its part of the page shows it. */
export type TankToPour = ReturnType<typeof tankOf>;

/** The pouring list of a blend; null where there is no such blend. */
export function usePouringController(blendId: string) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  const { blends, ticks } = useBlends();
  const { files } = useLedger();
  const lots = useRuledLots().ruled;
  const blend = blends.find((each) => each.entityId === blendId);
  if (!blend) return null;
  /** The tank as it is becomes a lot; what is left is then planned anew, or the lot is looked at. */
  const makeLot = async (tank: TankToPour, next: 'lot' | 'plan'): Promise<void> => {
    const { at, pouredKg, pours } = tank;
    const inIt = pours.filter(({ tick }) => (tick?.content.massKg ?? 0) > 0);
    const fromLotIds = inIt.map(({ line }) => line.lotId);
    const done = await dispatch(makeBlendedLot(blend, { at, pouredKg, fromLotIds, files }));
    if (!done.ok) return;
    const lotId = done.value[0]?.entityId ?? '';
    await navigate(next === 'lot' ? `/${workspace}/lots/${lotId}` : `/${workspace}/store/blend`);
  };
  const tanks = blend.content.tanks.map((_, at) => tankOf(blend, at, { ticks, lots }));
  return { blend, tanks, makeLot };
}
