import clsx from 'clsx';
import { RadioGroup } from 'radix-ui';
import type { ReactElement } from 'react';
import type { SideDraft } from '../../frameDraft';
import { CombSketch } from '../../../../ui/comb/CombSketch';
import { RadioItem } from '../../../../ui/fields/RadioItem';
import { frameWords } from '../../../../words/english/frame';

/** The part of a side that is judged at a glance. */
type QuickSide = Pick<SideDraft, 'honeyTenths' | 'cappedTenths' | 'undrawnTenths' | 'broodTenths'>;

interface SideQuickProps {
  name: string;
  side: QuickSide;
  onChange: (change: Partial<QuickSide>) => void;
}

const TENTHS = Array.from({ length: 11 }, (_, at) => at);
const NO_HONEY = 'none';

/** Capped tenths of one side at one tap, each beside comb drawn at that share. */
export function SideQuick({ name, side, onChange }: SideQuickProps): ReactElement {
  const chosen = side.honeyTenths === 0 ? NO_HONEY : String(side.cappedTenths ?? '');
  return (
    <RadioGroup.Root
      aria-label={frameWords.tenthsOfTheHoneyThat({ name })}
      value={chosen}
      onValueChange={(value) =>
        onChange(
          value === NO_HONEY
            ? { honeyTenths: 0, cappedTenths: 0 }
            : {
                cappedTenths: Number(value),
                honeyTenths: side.honeyTenths === 0 ? fullSide(side) : side.honeyTenths,
              },
        )
      }
      className="isolate grid grid-cols-6 gap-1 wide:grid-cols-12 short:grid-cols-6"
    >
      {TENTHS.map((tenths) => (
        <RadioItem
          key={tenths}
          value={String(tenths)}
          aria-label={frameWords.tenths({ tenths })}
          className={clsx(
            'relative h-14 overflow-hidden border-2 border-ink data-[state=checked]:outline-4 data-[state=checked]:outline-lavender',
            'data-[state=checked]:z-10 data-[state=checked]:border-4',
          )}
        >
          <CombSketch tenths={tenths} />
          <span
            aria-hidden
            className={clsx(
              'absolute top-0 left-0 px-1.5 text-xl leading-tight font-bold',
              chosen === String(tenths) ? 'bg-ink text-linen' : 'bg-linen text-ink',
            )}
          >
            {tenths}
          </span>
        </RadioItem>
      ))}
      <RadioItem
        value={NO_HONEY}
        className="h-14 border-2 border-dashed border-ink bg-linen text-base leading-tight font-semibold data-[state=checked]:border-4 data-[state=checked]:border-solid data-[state=checked]:bg-ink data-[state=checked]:text-linen"
      >
        {frameWords.noHoney()}
      </RadioItem>
    </RadioGroup.Root>
  );
}

/** What of the side can hold honey. */
function fullSide({ undrawnTenths, broodTenths }: QuickSide): number {
  return Math.max(1, 10 - undrawnTenths - broodTenths);
}
