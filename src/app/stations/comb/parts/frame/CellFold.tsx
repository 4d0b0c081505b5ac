import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { SCALES, interpretReading } from '../../../../../core';
import { selectPreferences, useAppSelector } from '../../../../../store';
import { SCALE_NAMES, correctionWords } from '../../../../format/moisture';
import { Fields } from '../../../../entry/Fields';
import { readFrameDraft, type FrameDraft } from '../../frameDraft';
import { frameForm } from '../../frameDraft';
import { Fold } from './MoreOfFrame';
import { Pick, choicesOf } from '../../../../ui/fields/Pick';
import { commonWords } from '../../../../words/english/common';
import { frameWords } from '../../../../words/english/frame';

const ATC = [
  { value: 'no', label: commonWords.no() },
  { value: 'yes', label: commonWords.yes() },
  { value: 'unknown', label: frameWords.dontKnow() },
] as const;

/** What the open cells read once corrected. */
function Corrected(): ReactElement | null {
  const { watch } = useFormContext<FrameDraft>();
  const preferences = useAppSelector(selectPreferences);
  const parsed = readFrameDraft(watch(), preferences);
  const reading = parsed.ok ? parsed.content.look.cellReading : null;
  if (!reading) return null;
  const read = interpretReading(reading);
  return (
    <p role="status" className="text-lg">
      {read.status === 'read' ? (
        <>
          <strong className="text-3xl">{read.moisturePercent.toFixed(1)} %</strong>{' '}
          {correctionWords(read, reading)}
        </>
      ) : (
        frameWords.noHoneyIsLikeThat()
      )}
    </p>
  );
}

/** Open cells read with a meter in the yard. */
export function CellFold(): ReactElement {
  const { watch, setValue } = useFormContext<FrameDraft>();
  return (
    <Fold title={frameWords.openCellsReadWithA()}>
      <Pick
        label={frameWords.scale()}
        value={watch('cellScale')}
        choices={choicesOf(SCALES, SCALE_NAMES)}
        columns={3}
        onPick={(value) => setValue('cellScale', value, { shouldDirty: true })}
      />
      <Fields of={frameForm} at={['cellDial', 'cellTemperature']} />
      <Pick
        label={frameWords.hasAtc()}
        value={watch('cellAtc')}
        choices={ATC}
        columns={2}
        onPick={(value) => setValue('cellAtc', value, { shouldDirty: true })}
      />
      <Corrected />
    </Fold>
  );
}
