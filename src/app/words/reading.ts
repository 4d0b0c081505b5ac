import {
  interpretReading,
  type ComponentId,
  type DialReading,
  type SampleState,
  type Spot,
} from '../../core';
import { benchWords } from './english/bench';
import { commonWords } from './english/common';

/** Spots as they are chosen and named. */
export const SPOT_NAMES: Readonly<Record<Spot, string>> = {
  stirred: benchWords.stirred(),
  top: benchWords.top(),
  middle: benchWords.middle(),
  bottom: benchWords.bottom(),
  gate: benchWords.atTheGate(),
  'not-said': commonWords.notGiven(),
};

/** States of the sample as they are chosen and named. */
export const SAMPLE_NAMES: Readonly<Record<SampleState, string>> = {
  clear: benchWords.clear(),
  cloudy: benchWords.cloudy(),
  crystals: benchWords.withCrystals(),
  liquefied: benchWords.liquefiedCooled(),
  gel: benchWords.gelNotStirred(),
  'gel-stirred': benchWords.gelStirredToALiquid(),
};

/** What to do first with honey in a state, one sentence; empty where nothing need be done. */
export const SAMPLE_ADVICE: Readonly<Record<SampleState, string>> = {
  clear: '',
  cloudy: benchWords.theLineBlursTakeThe(),
  get crystals() {
    return benchWords.doNotRelyOnThis();
  },
  liquefied: benchWords.goodAClosedJarLoses(),
  gel: benchWords.lingSetsToAGel(),
  'gel-stirred': benchWords.readAtOnceBeforeIt(),
};

/** The parts of the uncertainty: name, and what each is, in one sentence. */
export const COMPONENTS: Readonly<Record<ComponentId, { name: string; what: string }>> = {
  repeatability: {
    name: benchWords.readerFromReadingToReading(),
    what: benchWords.howMuchYourReadingsOf(),
  },
  resolution: {
    name: benchWords.divisionOfTheDial(),
    what: benchWords.oneDivisionOverOnlyA(),
  },
  temperature: {
    name: benchWords.temperatureOfPrismAndHoney(),
    what: benchWords.oneDegreeIsPointsOf(),
  },
  calibration: {
    name: benchWords.zeroOfTheMeter(),
    what: benchWords.whatTheLastZeroCheck(),
  },
  relation: {
    name: benchWords.relationBetweenIndexAndMoisture(),
    what: benchWords.howFarOffTheTable(),
  },
  method: {
    name: benchWords.theMethod(),
    what: benchWords.howMuchTwoLaboratoriesDiffer(),
  },
  sample: {
    name: benchWords.cloudyOrGelledSample(),
    what: benchWords.aBlurredLineCanBe(),
  },
  spot: {
    name: benchWords.fromSpotToSpotIn(),
    what: benchWords.drierHoneySinksStirOr(),
  },
  'between-vessels': {
    name: benchWords.containersNotTested(),
    what: benchWords.howMuchTheUntestedContainers(),
  },
};

/** What the zero check of the meter changed [% moisture]; positive where the meter reads too wet. */
export function offsetTaken(dial: DialReading): number {
  if (!dial.offsetIndex) return 0;
  const [raw, corrected] = [{ ...dial, offsetIndex: 0 }, dial].map((dialReading) =>
    interpretReading(dialReading),
  );
  if (raw?.status !== 'read' || corrected?.status !== 'read') return 0;
  return raw.moisturePercent - corrected.moisturePercent;
}

/** What was taken off or added for the meter's own error; empty where nothing was. */
export function offsetWords(dial: DialReading): string {
  const offset = offsetTaken(dial);
  if (Math.abs(offset) < 0.005) return '';
  const size = Math.abs(offset).toFixed(2);
  return offset > 0
    ? benchWords.itsZeroCheckFoundThe({ size })
    : benchWords.itsZeroCheckFoundTheMeter({ size });
}
