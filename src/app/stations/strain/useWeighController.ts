import { useMemo } from 'react';
import { honeyByGross, loadsOf, massBalance, type HoneyByWeight } from '../../../core';
import { USUAL_DAY } from '../../../model';
import { selectPreferences, useAppSelector } from '../../../store';
import { useHoneyHouse } from '../../data/useWorkspaceModel';
import { weighEntry, type WeighForm } from '../../forms/line/weighForm';
import { useDraftForm } from '../../forms/useDraftForm';

/** Nothing of what is weighed empty is left in the combs. */
const NONE_LEFT = { massKg: 0, standardUncertaintyKg: 0 };

/** What weighed boxes come to. */
export interface Crop {
  readonly honey: HoneyByWeight;
  /** expanded */
  readonly plusMinusKg: number;
  /** of it what reaches the containers [kg] */
  readonly containersKg: number;
  readonly frames: number;
  readonly loads: number;
  /** jars that are as good as sure, and as many as there may be */
  readonly jars: readonly [number, number];
  readonly jarKg: number;
}

/** Of 95 %, as in the budget of a reading. */
const COVERAGE = 2;

/** Boxes weighed full and empty: the crop, the loads of the extractor, the jars. */
export function useWeighController() {
  const preferences = useAppSelector(selectPreferences);
  const { days } = useHoneyHouse();
  const last = days[0]?.extraction.content ?? USUAL_DAY;
  const { framesPerBox, extractor } = last;
  const defaults = useMemo(
    () =>
      weighEntry.fill(
        { framesPerBox, framesPerLoad: extractor.framesPerLoad, jarKg: 0.5 },
        preferences,
      ),
    [framesPerBox, extractor, preferences],
  );
  const { frame, parsed } = useDraftForm({
    formKey: 'weigh-boxes',
    defaults,
    parse: (typed: WeighForm) => weighEntry.read(typed, preferences),
  });
  const crop = useMemo((): Crop | null => {
    if (!parsed.ok) return null;
    const { fullKg, emptyKg, framesPerBox: perBox, framesPerLoad, jarKg } = parsed.content;
    const honey = honeyByGross({ fullKg, emptyKg });
    if (honey.massKg <= 0) return null;
    const balance = massBalance({ 'in-comb': honey, 'in-wet-combs': NONE_LEFT });
    const reaches = balance.strained ?? honey;
    const half = COVERAGE * reaches.standardUncertaintyKg;
    const jarsOf = (kg: number): number => Math.max(0, Math.floor(kg / jarKg));
    const frames = honey.boxes * perBox;
    return {
      honey,
      plusMinusKg: COVERAGE * honey.standardUncertaintyKg,
      containersKg: Math.max(0, reaches.massKg),
      frames,
      loads: loadsOf(frames, framesPerLoad).length,
      jars: [jarsOf(reaches.massKg - half), jarsOf(reaches.massKg + half)],
      jarKg,
    };
  }, [parsed]);
  return { frame, crop };
}
