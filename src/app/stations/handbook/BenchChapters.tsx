import type { ReactElement } from 'react';
import {
  COLOUR_CLASSES,
  COMPOSITION,
  DRIFT_PRIOR,
  FLOWER_KINDS,
  OLIVE_OIL_REFERENCE,
  OWN_REPEATABILITY_FROM_DOF,
  PFUND_WAVELENGTH_NM,
  SETTLING,
  SPREAD_PRIORS,
  WATER_REFERENCE,
  certifiedOil,
} from '../../../core';
import { colourName } from '../../format/colour';
import { PlainTable } from '../../ui/PlainTable';
import { Chapter } from './Chapter';

const perDegree = (indexPerC: number): string => `${indexPerC.toFixed(5)} per °C`;

function ZeroChecks(): ReactElement {
  return (
    <>
      <p>
        A meter is held against a substance of known index. Each has its own change with
        temperature; with that of honey one would invent an offset. ATC is built for sugar and takes
        off too little on oil, which is reckoned with. What a full check finds is taken off every
        reading until the next; a rough one corrects nothing. The zero is thought to wander by{' '}
        {DRIFT_PRIOR.standardDeviation} points in a month (random walk), pooled with the meter’s own
        history. A step larger than twice what checks and drift explain is a jump: readings between
        are flagged and shown as they would be, and none is changed.
      </p>
      <PlainTable
        label="References"
        head={['Reference', 'Index at 20 °C', 'Change', 'Standing']}
        rows={[
          [
            'Oil of stated index',
            'as its label says',
            `as its label says, else ${perDegree(certifiedOil(1.48).indexPerC)}`,
            'common practice, no source',
          ],
          [
            'Olive oil, rough',
            `about ${OLIVE_OIL_REFERENCE.nD20}`,
            perDegree(OLIVE_OIL_REFERENCE.indexPerC),
            'common practice, no source',
          ],
          [
            'Water, wide-range meters only',
            String(WATER_REFERENCE.nD20),
            perDegree(WATER_REFERENCE.indexPerC),
            'recalled from memory',
          ],
        ]}
      />
    </>
  );
}

function Sampling(): ReactElement {
  return (
    <>
      <p>
        A plan fixes how many vessels are read, and which, before anybody looks: every k-th from a
        random start whose seed is written down. By mean and spread: mean + k·s, plus what the meter
        itself may be off by in full, at or under the limit, with the one-sided tolerance factor k
        (ISO 16269-6, recalled from memory; noncentral t). By count: each vessel conforms by itself,
        and the hypergeometric distribution says how many bad ones are not ruled out; exact for
        small lots. More looks share the error out evenly. Suspicious vessels are always read,
        judged by themselves, and enter neither mean nor spread.
      </p>
      <p>
        Mean and spread stand only where a wetter tenth of the vessels would have been met, no
        vessel stands out (Grubbs 1969) and the values look normal (Anderson and Darling; both
        recalled from memory); else vessels are counted.
      </p>
      <p>
        The reader’s own repeats are pooled with the assumed{' '}
        {SPREAD_PRIORS.repeatability.standardDeviation} points, and called their own from{' '}
        {OWN_REPEATABILITY_FROM_DOF} repeats on. A streaming meter is taken {SETTLING.leastS}{' '}
        seconds after the honey was put on at the earliest, once the last {SETTLING.windowS} seconds
        held still.
      </p>
    </>
  );
}

/** Meters, plans and readings at the bench. */
export function BenchWork(): ReactElement {
  return (
    <Chapter id="bench" title="Meters and plans">
      <ZeroChecks />
      <Sampling />
    </Chapter>
  );
}

/** Colour, composition and the flower's name. */
export function BenchQuality(): ReactElement {
  return (
    <Chapter id="quality" title="Colour, composition, the flower’s name">
      <p>
        Pfund from a photometer: mm = −38.70 + 371.39·A at {PFUND_WAVELENGTH_NM} nm (attributed to
        White 1984, doubtful from memory). HMF at most {COMPOSITION.hmfMgPerKg} mg/kg, from tropical
        places {COMPOSITION.hmfTropicalMgPerKg}; diastase at least {COMPOSITION.diastaseSchade}{' '}
        Schade units, or {COMPOSITION.diastaseLowEnzymeSchade} with HMF up to{' '}
        {COMPOSITION.hmfLowEnzymeMgPerKg} for honey poor in enzymes by nature; conductivity of
        blossom honey at most {COMPOSITION.conductivityMsPerCm} mS/cm, of honeydew at least that
        (Codex CXS 12-1981 and EU 2001/110/EC, recalled from memory).
      </p>
      <PlainTable
        label="Colour classes"
        head={['Class', 'Pfund up to']}
        rows={COLOUR_CLASSES.map((one) => [
          one.name,
          one.upToMm === Infinity ? 'above' : `${one.upToMm} mm`,
        ])}
      />
      <PlainTable
        label="Honeys of one flower"
        head={['Flower', 'Pollen', 'Conductivity', 'Colour']}
        rows={FLOWER_KINDS.map((one) => [
          one.name,
          one.leastPollenPercent === null ? 'some' : `from ${one.leastPollenPercent} %`,
          `${one.conductivityMsPerCm[0]} to ${one.conductivityMsPerCm[1]} mS/cm`,
          one.colours.map(colourName).join(', '),
        ])}
      />
      <p>
        After Persano Oddo & Piro (2004), doubtful from memory, or common practice; a laboratory for
        pollen decides. A name is supported by pollen, conductivity and senses together, never by
        one of them.
      </p>
    </Chapter>
  );
}
