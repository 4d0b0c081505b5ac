import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { COLD_COMB_BELOW_C, type ShakeResult } from '../../../../../core';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { SHAKE_CHOICES } from '../../../../forms/lots/combForm';
import { readDecimal } from '../../../../format/decimal';
import { formatQuantity, unitOf } from '../../../../format/units';
import type { FrameDraft } from '../../frameDraft';
import { BothSides, Fold } from './MoreOfFrame';
import { Pick } from '../../../../ui/fields/Pick';
import { frameWords } from '../../../../words/english/frame';

/** Cold comb holds even nectar: said where a clean shake would be believed. */
function ColdNote(): ReactElement | null {
  const { watch } = useFormContext<FrameDraft>();
  const preferences = useAppSelector(selectPreferences);
  const typed = readDecimal(watch('combTemperature'));
  const clean = watch('sides').some((side) => side.shake === 'nothing-fell');
  if (!clean || !typed.ok) return null;
  const celsius = unitOf('temperature', preferences).toBase(typed.value);
  if (celsius >= COLD_COMB_BELOW_C) return null;
  const limit = formatQuantity(COLD_COMB_BELOW_C, 'temperature', preferences, 0);
  return (
    <p className="mt-1 text-base font-semibold">{frameWords.theCombIsColderThan({ limit })}</p>
  );
}

/** The shake test of both sides at once. */
export function ShakeRow(): ReactElement {
  const { watch, setValue } = useFormContext<FrameDraft>();
  const [a, b] = watch('sides');
  const set = (shake: ShakeResult): void => {
    setValue('sides.0', { ...a, shake }, { shouldDirty: true });
    setValue('sides.1', { ...b, shake }, { shouldDirty: true });
  };
  return (
    <div>
      <p className="mb-1 text-base font-semibold">
        {frameWords.shakeTestPart({ part: a.shake === b.shake ? '' : frameWords.theSidesDiffer() })}
      </p>
      <Pick
        label={frameWords.shakeTestBothSides()}
        hideLabel
        value={a.shake === b.shake ? a.shake : ''}
        choices={SHAKE_CHOICES}
        onPick={set}
      />
      <ColdNote />
    </div>
  );
}

const FIRMNESS = [
  { value: 'gentle', label: frameWords.gentle() },
  { value: 'sharp', label: frameWords.sharp() },
] as const;

/** Each side by itself, and how firmly it was shaken. */
export function ShakeFold(): ReactElement {
  const { watch, setValue } = useFormContext<FrameDraft>();
  const sides = watch('sides');
  return (
    <Fold title={frameWords.shakeTestSideBySide()}>
      <BothSides
        of={(at) => (
          <div className="space-y-3">
            <Pick
              label={frameWords.whatFell()}
              value={sides[at].shake}
              choices={SHAKE_CHOICES}
              columns={2}
              onPick={(shake) =>
                setValue(`sides.${at}`, { ...sides[at], shake }, { shouldDirty: true })
              }
            />
            <Pick
              label={frameWords.howItWasShaken()}
              value={sides[at].firmness}
              choices={FIRMNESS}
              columns={2}
              onPick={(firmness) =>
                setValue(`sides.${at}`, { ...sides[at], firmness }, { shouldDirty: true })
              }
            />
          </div>
        )}
      />
    </Fold>
  );
}
