import { Slider as RadixSlider } from 'radix-ui';
import type { ReactElement } from 'react';

interface SliderProps {
  label: string;
  value: number;
  range: readonly [number, number];
  step?: number;
  /** the value in words */
  words: string;
  onChange: (value: number) => void;
}

/** A value to play with: drag it, or use the arrow keys. */
export function Slider(props: SliderProps): ReactElement {
  const { label, value, range, step = 1, words, onChange } = props;
  return (
    <div>
      <p className="flex justify-between gap-4 text-base font-semibold">
        {label} <strong className="text-xl">{words}</strong>
      </p>
      <RadixSlider.Root
        value={[value]}
        min={range[0]}
        max={range[1]}
        step={step}
        onValueChange={([next]) => next !== undefined && onChange(next)}
        className="relative flex h-11 touch-none items-center"
      >
        <RadixSlider.Track className="h-2 grow bg-thread">
          <RadixSlider.Range className="absolute h-2 bg-lavender" />
        </RadixSlider.Track>
        <RadixSlider.Thumb
          aria-label={label}
          aria-valuetext={words}
          className="block size-8 border-2 border-ink bg-paper"
        />
      </RadixSlider.Root>
    </div>
  );
}
