import { useId, useState, type ReactElement } from 'react';
import { STAND_IN_SAMPLES } from '../../../../../core';
import { z } from '../../../../../records';
import { Button } from '../../../../ui/Button';
import { INPUT } from '../../../../ui/classes';
import type { StandInChoice } from '../../useMeterWatch';
import { FoldSummary } from '../../../../ui/page/FoldSummary';

const FAULTS = [
  { value: 'none', label: 'It works' },
  { value: 'cut', label: 'The cable is pulled' },
  { value: 'garbage', label: 'Garbage between the lines' },
  { value: 'stuck', label: 'The sensor is stuck' },
  { value: 'flood', label: 'Ten values a second' },
];

const PACES = [
  { value: 1, label: 'As it is' },
  { value: 10, label: 'Ten times faster' },
];

const truthSchema = z.object({ moisturePercent: z.number() });

/** Asks the server what the made-up honey really was. */
async function askTruth(sample: number): Promise<string> {
  try {
    const response = await fetch(`/api/meter/truth?sample=${sample}`);
    const truth = truthSchema.parse(await response.json());
    return `It was ${truth.moisturePercent.toFixed(2)} % water.`;
  } catch {
    return 'The stand-in does not answer; is the server running?';
  }
}

function Truth({ sample }: { sample: number }): ReactElement {
  const [said, setSaid] = useState('');
  return said === '' ? (
    <Button tone="quiet" onClick={() => void askTruth(sample).then(setSaid)}>
      What was it really?
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
      <FoldSummary>This is a stand-in: honey {sample}, what goes wrong, how fast</FoldSummary>
      <div className="grid gap-3 sm:grid-cols-2">
        <div>
          <label htmlFor={`${id}-fault`} className="text-base font-semibold">
            What goes wrong
          </label>
          <select
            id={`${id}-fault`}
            value={choice.fault}
            className={INPUT}
            onChange={(event) => onChoose({ ...choice, fault: event.target.value })}
          >
            {FAULTS.map((one) => (
              <option key={one.value} value={one.value}>
                {one.label}
              </option>
            ))}
          </select>
        </div>
        <div>
          <label htmlFor={`${id}-pace`} className="text-base font-semibold">
            How fast its clock runs
          </label>
          <select
            id={`${id}-pace`}
            value={choice.pace}
            className={INPUT}
            onChange={(event) => onChoose({ ...choice, pace: Number(event.target.value) })}
          >
            {PACES.map((one) => (
              <option key={one.value} value={one.value}>
                {one.label}
              </option>
            ))}
          </select>
        </div>
        <Button onClick={() => onChoose({ ...choice, sample: next })}>Another honey</Button>
        <Truth key={sample} sample={sample} />
      </div>
    </details>
  );
}
