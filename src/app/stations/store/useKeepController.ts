import { useMemo, useState } from 'react';
import {
  STORE_PLACES,
  STORE_TEMPERATURES,
  densityMoisture,
  type KeptAs,
  type StorePlace,
  type YearlyTemperature,
} from '../../../core';
import { contentsOf, storedVessels, type LotFile } from '../../../model';
import { keepingAt, keepingBasis, storedYears, worstKeeping } from '../../../model/store/keeping';
import { selectPreferences, useAppSelector } from '../../../store';
import { useNow } from '../../data/useNow';
import { useLedger } from '../../data/useWorkspaceModel';
import { useAnswer } from '../../lot/useLot';
import { PLACE_NAMES } from '../../words/storeWords';
import { storeWords } from '../../words/english/store';

const HOUR_MS = 3_600_000;

/** Where honey may be kept: a usual place, or where its containers stand. */
type Place = StorePlace | 'own';

export interface PlaceToKeep {
  readonly id: Place;
  readonly name: string;
  readonly year: YearlyTemperature;
}

const USUAL_PLACES: readonly PlaceToKeep[] = STORE_PLACES.map((id) => ({
  id,
  name: PLACE_NAMES[id],
  year: STORE_TEMPERATURES[id],
}));

/** How a lot keeps in the place and the state that were picked, and in every other place. */
export function useKeepController(file: LotFile) {
  const contents = useMemo(() => contentsOf(file), [file]);
  const { evidence, ruling } = useAnswer(contents, file.lot.entityId);
  const nowMs = useNow(HOUR_MS);
  const { hemisphere } = useAppSelector(selectPreferences);
  const { poured } = useLedger().related;
  const [keptAs, setKeptAs] = useState<KeptAs>('as-it-goes');
  const [picked, setPlace] = useState<Place | null>(null);
  const basis = useMemo(() => keepingBasis(evidence, ruling), [evidence, ruling]);
  const vessels = useMemo(
    () => storedVessels(file, densityMoisture(ruling.belief.mean), poured),
    [file, ruling, poured],
  );
  const own = useMemo(() => {
    return worstKeeping(basis, storedYears(file.lot, vessels), { nowMs, hemisphere })?.year ?? null;
  }, [file, vessels, basis, nowMs, hemisphere]);
  const places: readonly PlaceToKeep[] = own
    ? [{ id: 'own', name: storeWords.whereItStands(), year: own }, ...USUAL_PLACES]
    : USUAL_PLACES;
  const place = picked ?? (own ? 'own' : 'shelf');
  const year = places.find(({ id }) => id === place)?.year ?? STORE_TEMPERATURES.shelf;
  const weighed = vessels.flatMap(({ leftKg }) => leftKg ?? []);
  return {
    file,
    nowMs,
    basis,
    places,
    place,
    setPlace,
    keptAs,
    setKeptAs,
    forecast: keepingAt(basis, year, { nowMs, hemisphere, keptAs }),
    creamed: keepingAt(basis, year, { nowMs, hemisphere, keptAs: 'creamed' }),
    leftKg: weighed.length === 0 ? null : weighed.reduce((sum, kg) => sum + kg, 0),
    limitPercent: ruling.limitPercent,
    blocked: ruling.outcome === 'reject',
  };
}
