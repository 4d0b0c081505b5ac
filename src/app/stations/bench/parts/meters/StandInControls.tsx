import { useId, useState, type ReactElement } from 'react';
import { STAND_IN_SAMPLES } from '../../../../../core';
import { z } from '../../../../../records';
import { Button } from '../../../../ui/Button';
import { INPUT } from '../../../../ui/classes';
import type { StandInChoice } from '../../useMeterWatch';
import { FoldSummary } from '../../../../ui/page/FoldSummary';
import { meterWords } from '../../../../words/english/meter';

const FAULTS = [
  { value: 'none', label: meterWords.itWorks() },
  { value: 'cut', label: meterWords.theCableIsPulled() },
  { value: 'garbage', label: meterWords.garbageBetweenTheLines() },
  { value: 'stuck', label: meterWords.theSensorIsStuck() },
  { value: 'flood', label: meterWords.tenValuesASecond() },
];

const PACES = [
  { value: 1, label: meterWords.asItIs() },
  { value: 10, label: meterWords.tenTimesFaster() },
];

const truthSchema = z.object({ moisturePercent: z.number() });

/** Asks the server what the made-up honey really was. */
async function askTruth(sample: number): Promise<string> {
  try {
    const response = await fetch(`/api/meter/truth?sample=${sample}`);
    const truth = truthSchema.parse(await response.json());
    return meterWords.itWasWater2({ moisturePercent: truth.moisturePercent.toFixed(2) });
  } catch {
    return meterWords.theSimulatedMeterDoesNot();
  }
}

function Truth({ sample }: { sample: number }): ReactElement {
  const [said, setSaid] = useState('');
  return said === '' ? (
    <Button tone="quiet" onClick={() => void askTruth(sample).then(setSaid)}>
      {meterWords.whatWasItReally()}
    </Button>
  ) : (
    <p role="status" className="text-lg font-semibold">
      {said}
    </p>
  );
}

interface StandInControlsProps {
  choice: StandInChoice;
  onChoose: (choice: StandInChoice) => void;
}

/** What the stand-in meter is to do: which honey, how fast, and what goes wrong. */
export function StandInControls({ choice, onChoose }: StandInControlsProps): ReactElement {
  const id = useId();
  const { sample } = choice;
  const next = sample >= STAND_IN_SAMPLES[1] ? STAND_IN_SAMPLES[0] : sample + 1;
  return (
    <details>
      <FoldSummary>{meterWords.simulatedMeterHoneyFaultsSpeed({ sample })}</FoldSummary>
      <div className="grid gap-3 sm:grid-cols-2">
        <div>
          <label htmlFor={`${id}-fault`} className="text-base font-semibold">
            {meterWords.whatGoesWrong()}
          </label>
          <select
            id={`${id}-fault`}
            value={choice.fault}
            className={INPUT}
            onChange={(event) => onChoose({ ...choice, fault: event.target.value })}
          >
            {FAULTS.map((fault) => (
              <option key={fault.value} value={fault.value}>
                {fault.label}
              </option>
            ))}
          </select>
        </div>
        <div>
          <label htmlFor={`${id}-pace`} className="text-base font-semibold">
            {meterWords.howFastItsClockRuns()}
          </label>
          <select
            id={`${id}-pace`}
            value={choice.pace}
            className={INPUT}
            onChange={(event) => onChoose({ ...choice, pace: Number(event.target.value) })}
          >
            {PACES.map((pace) => (
              <option key={pace.value} value={pace.value}>
                {pace.label}
              </option>
            ))}
          </select>
        </div>
        <Button onClick={() => onChoose({ ...choice, sample: next })}>
          {meterWords.anotherHoney()}
        </Button>
        <Truth key={sample} sample={sample} />
      </div>
    </details>
  );
}
