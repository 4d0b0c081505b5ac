import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import type { COMB_COLOURS } from '../../../../../records';
import { COLOUR_NAMES } from '../../../../format/colour';
import type { FrameDraft } from '../../frameDraft';
import { Pick, choicesOf } from '../../../../ui/fields/Pick';
import { USUAL_PIECES } from './Pieces';
import { frameWords } from '../../../../words/english/frame';

type Colour = (typeof COMB_COLOURS)[number];

/** Colours that can be seen at the hive, held against the light. */
const AT_THE_HIVE = ['light', 'mixed', 'dark'] as const satisfies readonly Colour[];

/** Colour of both sides and whether it is comb honey, at one tap each. */
export function SeenRow(): ReactElement {
  const { watch, setValue } = useFormContext<FrameDraft>();
  const [a, b] = watch('sides');
  const pieces = watch('pieces');
  const shown = AT_THE_HIVE.find((colour) => colour === a.colour && a.colour === b.colour) ?? '';
  const set = (colour: Colour): void => {
    setValue('sides.0', { ...a, colour }, { shouldDirty: true });
    setValue('sides.1', { ...b, colour }, { shouldDirty: true });
  };
  return (
    <div>
      <p className="mb-1 text-base font-semibold">{frameWords.colourAgainstTheLight()}</p>
      <div className="grid grid-cols-4 gap-1">
        <div className="col-span-3">
          <Pick
            label={frameWords.colourAgainstTheLight()}
            hideLabel
            columns={3}
            value={shown}
            choices={choicesOf(AT_THE_HIVE, COLOUR_NAMES)}
            onPick={set}
          />
        </div>
        <button
          type="button"
          aria-pressed={pieces !== null}
          onClick={() =>
            setValue('pieces', pieces === null ? 'n'.repeat(USUAL_PIECES) : null, {
              shouldDirty: true,
            })
          }
          className="min-h-14 border-2 border-ink bg-paper px-1 text-base leading-tight font-semibold aria-pressed:bg-ink aria-pressed:text-linen"
        >
          {frameWords.combHoney()}
        </button>
      </div>
    </div>
  );
}
