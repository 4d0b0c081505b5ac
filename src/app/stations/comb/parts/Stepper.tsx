import { Minus, Plus } from 'lucide-react';
import type { ReactElement } from 'react';
import { combWords } from '../../../words/english/comb';

interface StepperProps {
  label: string;
  value: number;
  least?: number;
  most: number;
  unit?: string;
  onChange: (value: number) => void;
}

/** A number moved by thumb in steps of one. */
export function Stepper(props: StepperProps): ReactElement {
  const { label, value, least = 0, most, unit = '', onChange } = props;
  const button =
    'flex size-14 shrink-0 items-center justify-center border-2 border-ink bg-paper disabled:opacity-40';
  return (
    <div role="group" aria-label={label} className="flex min-h-14 items-center gap-2">
      <span className="grow text-base leading-tight font-semibold">{label}</span>
      <button
        type="button"
        aria-label={combWords.less({ label })}
        disabled={value <= least}
        onClick={() => onChange(value - 1)}
        className={button}
      >
        <Minus aria-hidden className="size-6" />
      </button>
      <output className="w-14 text-center text-2xl font-bold whitespace-nowrap">
        {value}
        {unit}
      </output>
      <button
        type="button"
        aria-label={combWords.more({ label })}
        disabled={value >= most}
        onClick={() => onChange(value + 1)}
        className={button}
      >
        <Plus aria-hidden className="size-6" />
      </button>
    </div>
  );
}
