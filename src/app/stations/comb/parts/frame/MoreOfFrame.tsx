import { ChevronDown } from 'lucide-react';
import { useState, type ReactElement, type ReactNode } from 'react';
import { Controller, useFormContext } from 'react-hook-form';
import { BEETLE_SIGHTS, BROOD_AMOUNTS, COMB_FACES } from '../../../../../core';
import { BROOD_STAGES, COMB_COLOURS } from '../../../../../records';
import { ChecksField } from '../../../../ui/fields/ChecksField';
import { Field } from '../../../../entry/Field';
import { Fields } from '../../../../entry/Fields';
import { sideName, type FrameDraft, type SideDraft } from '../../frameDraft';
import { frameForm } from '../../frameDraft';
import { BROOD_NAMES, FACE_NAMES, STAGE_NAMES } from '../../words';
import { COLOUR_NAMES } from '../../../../format/colour';
import { Pick, choicesOf } from '../../../../ui/fields/Pick';
import { Stepper } from '../Stepper';
import { commonWords } from '../../../../words/english/common';
import { frameWords } from '../../../../words/english/frame';

/** A part of the frame that is opened, and only then drawn, when there is something to say. */
export function Fold({
  title,
  note,
  children,
}: {
  title: string;
  note?: string | undefined;
  children: ReactNode;
}): ReactElement {
  const [opened, setOpened] = useState(false);
  return (
    <details
      className="group border-t border-ink"
      onToggle={(event) => setOpened(opened || event.currentTarget.open)}
    >
      <summary className="flex min-h-14 list-none items-center gap-3 text-lg font-bold">
        <ChevronDown aria-hidden className="size-6 shrink-0 -rotate-90 group-open:rotate-0" />
        <span className="grow">{title}</span>
        {note && <span className="text-base font-normal text-ink-soft">{note}</span>}
      </summary>
      <div className="space-y-4 pb-5">{opened && children}</div>
    </details>
  );
}

/** Two sides under each other or beside each other. */
export function BothSides({ of }: { of: (at: 0 | 1) => ReactNode }): ReactElement {
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      {([0, 1] as const).map((at) => (
        <div key={at} role="group" aria-label={sideName(at)}>
          <p className="text-lg font-bold">{sideName(at)}</p>
          {of(at)}
        </div>
      ))}
    </div>
  );
}

function useSides() {
  const { watch, setValue } = useFormContext<FrameDraft>();
  const sides = watch('sides');
  const change = (at: 0 | 1, part: Partial<SideDraft>): void =>
    setValue(`sides.${at}`, { ...sides[at], ...part }, { shouldDirty: true });
  return { sides, change };
}

const METHODS = [
  { value: 'quick', label: frameWords.atAGlance() },
  { value: 'points', label: frameWords.countPoints() },
  { value: 'paint', label: frameWords.paintIt() },
] as const;

/** How each side is judged, how full it is, and what takes up the rest. */
export function FillFold(): ReactElement {
  const { sides, change } = useSides();
  return (
    <Fold title={frameWords.howFullAndHowTo()}>
      <BothSides
        of={(at) => {
          const side = sides[at];
          const rest = 10 - side.honeyTenths - side.undrawnTenths - side.broodTenths;
          return (
            <div className="space-y-2">
              <Pick
                label={frameWords.judgeIt()}
                value={side.method}
                choices={METHODS}
                columns={3}
                onPick={(method) => change(at, { method })}
              />
              {side.method === 'quick' && (
                <>
                  <Stepper
                    label={frameWords.honeyTenths()}
                    value={side.honeyTenths}
                    most={side.honeyTenths + rest}
                    onChange={(honeyTenths) => change(at, { honeyTenths })}
                  />
                  <Stepper
                    label={frameWords.notDrawnTenths()}
                    value={side.undrawnTenths}
                    most={10 - side.broodTenths}
                    onChange={(undrawnTenths) =>
                      change(at, {
                        undrawnTenths,
                        ...makeRoom(side, undrawnTenths + side.broodTenths),
                      })
                    }
                  />
                  <Stepper
                    label={frameWords.broodPollenTenths()}
                    value={side.broodTenths}
                    most={10 - side.undrawnTenths}
                    onChange={(broodTenths) =>
                      change(at, {
                        broodTenths,
                        ...makeRoom(side, side.undrawnTenths + broodTenths),
                      })
                    }
                  />
                  <p className="text-base">{frameWords.emptyCellsTenths({ rest })}</p>
                </>
              )}
            </div>
          );
        }}
      />
    </Fold>
  );
}

/** Honey gives way to what else was seen on the side. */
function makeRoom(side: SideDraft, taken: number): { honeyTenths: number } {
  return { honeyTenths: Math.min(side.honeyTenths, 10 - taken) };
}

export function BroodFold(): ReactElement {
  const { watch, setValue } = useFormContext<FrameDraft>();
  const brood = watch('brood');
  return (
    <Fold
      title={frameWords.broodAndQueen()}
      note={brood === 'none' ? undefined : BROOD_NAMES[brood].toLowerCase()}
    >
      <Pick
        label={commonWords.brood()}
        value={brood}
        choices={choicesOf(BROOD_AMOUNTS, BROOD_NAMES)}
        onPick={(value) => setValue('brood', value, { shouldDirty: true })}
      />
      {brood !== 'none' && (
        <ChecksField
          name="broodStages"
          label={frameWords.stage()}
          choices={choicesOf(BROOD_STAGES, STAGE_NAMES)}
        />
      )}
      {brood === 'few-cells' && <Field of={frameForm} at="broodExcuse" />}
      <Flag name="queenSeen" label={frameWords.theQueenIsOnThis()} />
      <Flag name="formerBrood" label={frameWords.thisCombHasBeenIn()} />
    </Fold>
  );
}

/** Something that was seen or not. */
export function Flag({
  name,
  label,
}: {
  name: 'queenSeen' | 'formerBrood' | 'mitesSeen';
  label: string;
}): ReactElement {
  const { control } = useFormContext<FrameDraft>();
  return (
    <Controller
      name={name}
      control={control}
      render={({ field }) => (
        <button
          type="button"
          aria-pressed={field.value}
          onClick={() => field.onChange(!field.value)}
          className="flex min-h-14 w-full items-center gap-3 border-2 border-ink bg-paper px-3 text-left text-base font-semibold aria-pressed:bg-ink aria-pressed:text-linen"
        >
          <span aria-hidden className="w-9 text-xl">
            {field.value ? commonWords.yes() : commonWords.no()}
          </span>
          {label}
        </button>
      )}
    />
  );
}

const BEETLES = {
  none: commonWords.none(),
  adults: frameWords.adults(),
  larvae: frameWords.larvae(),
} as const;

export function PestFold(): ReactElement {
  const { watch, setValue } = useFormContext<FrameDraft>();
  return (
    <Fold title={frameWords.beetlesAndMites()}>
      <Pick
        label={frameWords.smallBeetles()}
        value={watch('beetles')}
        choices={choicesOf(BEETLE_SIGHTS, BEETLES)}
        columns={3}
        onPick={(value) => setValue('beetles', value, { shouldDirty: true })}
      />
      <Flag name="mitesSeen" label={frameWords.mitesSeen()} />
    </Fold>
  );
}

export function CombFold(): ReactElement {
  const { sides, change } = useSides();
  return (
    <Fold title={frameWords.colourAndFaceOfThe()} note={frameWords.provisional()}>
      <p className="text-base">{frameWords.colourInTheCombIs()}</p>
      <BothSides
        of={(at) => (
          <div className="space-y-3">
            <Pick
              label={frameWords.againstTheLight()}
              value={sides[at].colour}
              choices={choicesOf(COMB_COLOURS, COLOUR_NAMES)}
              columns={3}
              onPick={(colour) => change(at, { colour })}
            />
            <Pick
              label={frameWords.face()}
              value={sides[at].face}
              choices={choicesOf(COMB_FACES, FACE_NAMES)}
              columns={3}
              onPick={(face) => change(at, { face })}
            />
            <Pick
              label={frameWords.oldDarkComb()}
              value={sides[at].oldComb ? 'yes' : 'no'}
              choices={[
                { value: 'no', label: commonWords.no() },
                { value: 'yes', label: frameWords.yesItMayMislead() },
              ]}
              columns={2}
              onPick={(value) => change(at, { oldComb: value === 'yes' })}
            />
          </div>
        )}
      />
    </Fold>
  );
}

const HEFT_BY = [
  { value: 'hand', label: frameWords.byHand() },
  { value: 'scale', label: frameWords.onAScale() },
] as const;

export function WeightFold(): ReactElement {
  const { watch, setValue } = useFormContext<FrameDraft>();
  return (
    <Fold title={frameWords.weightAndTemperature()}>
      <Pick
        label={frameWords.howYouWeighedIt()}
        value={watch('heftBy')}
        choices={HEFT_BY}
        columns={2}
        onPick={(value) => setValue('heftBy', value, { shouldDirty: true })}
      />
      <Fields of={frameForm} at={['heft', 'combTemperature']} />
    </Fold>
  );
}
