import { useNavigate } from 'react-router';
import { isMeasured } from '../../../core';
import type { RuledLot } from '../../../model';
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
    left: tank.pours.length - own.length,
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
  const makeLot = async ({ at, pouredKg }: TankToPour): Promise<void> => {
    const done = await dispatch(makeBlendedLot(blend, { at, pouredKg, files }));
    if (done.ok) await navigate(`/${workspace}/lots/${done.value[0]?.entityId ?? ''}`);
  };
  const tanks = blend.content.tanks.map((_, at) => tankOf(blend, at, { ticks, lots }));
  return { blend, tanks, makeLot };
}
