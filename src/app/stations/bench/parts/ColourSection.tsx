import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import {
  PFUND_PLUS_MINUS_MM,
  PFUND_WAVELENGTH_NM,
  pfundFromAbsorbance,
  possibleClasses,
} from '../../../../core';
import { pfundOf, vesselsOf, type LotFile } from '../../../../model';
import { type ColourContent, type ColourReading } from '../../../../records';
import { Field } from '../../../entry/Field';
import {
  colourEntry,
  colourFormOf,
  readColourForm,
  type ColourForm,
} from '../../../forms/bench/qualityForms';
import { colourWords, colourName } from '../../../format/colour';
import { readDecimal } from '../../../format/decimal';
import { VesselField } from '../../../lot/VesselField';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useQualityEntry } from '../useQualityEntry';
import { CombGuesses } from './CombGuesses';
import { QualityRow } from './QualityRow';
import { qualityWords } from '../../../words/english/quality';

/** Other classes that are possible within what the reading may be off by. */
function nearWords(content: ColourContent): string {
  const pfundMm = pfundOf(content);
  if (pfundMm === null || content.read.by === 'eye') return '';
  const plusMinusMm = PFUND_PLUS_MINUS_MM[content.read.by];
  const classes = possibleClasses(pfundMm, plusMinusMm);
  return classes.length < 2
    ? ''
    : qualityWords.nearAnEdgeWithinMm({
        classes: classes.map((colourClass) => colourName(colourClass.id)).join(' or '),
        plusMinusMm,
      });
}

function absorbanceHint(text: string, path: string): string | undefined {
  const [absorbance, pathCm] = [readDecimal(text), readDecimal(path)];
  if (!absorbance.ok || !pathCm.ok) return undefined;
  try {
    return qualityWords.thatIsMmPfund({
      pfundFromAbsorbance: Math.round(pfundFromAbsorbance(absorbance.value, pathCm.value)),
    });
  } catch {
    return undefined;
  }
}

function PhotometerFields(): ReactElement {
  const { watch } = useFormContext<ColourForm>();
  return (
    <>
      <p className="text-base">
        {qualityWords.atNmUsuallyAFiltered({ pfundWavelengthNm: PFUND_WAVELENGTH_NM })}
      </p>
      <div className="grid gap-5 sm:grid-cols-2">
        <Field
          of={colourEntry}
          at="read.absorbance"
          hint={absorbanceHint(watch('read.absorbance'), watch('read.pathCm'))}
        />
        <Field of={colourEntry} at="read.pathCm" />
      </div>
      <Field of={colourEntry} at="read.dilution" />
    </>
  );
}

function ColourFields({ file }: { file: LotFile }): ReactElement {
  const { watch } = useFormContext<ColourForm>();
  const by = watch('read.by');
  return (
    <div className="space-y-5">
      <Field of={colourEntry} at="read.by" />
      {by === 'comparator' && <Field of={colourEntry} at="read.pfundMm" big />}
      {by === 'photometer' && <PhotometerFields />}
      {by === 'eye' && <Field of={colourEntry} at="read.classId" />}
      <VesselField of={colourEntry} vessels={vesselsOf(file.containers)} />
      <Field of={colourEntry} at="remark" />
    </div>
  );
}

/** Colour in glass, with what was guessed in the comb beside it. */
export function ColourSection({ file }: { file: LotFile }): ReactElement {
  const entry = useQualityEntry<ColourReading, ColourForm>(colourFormOf);
  return (
    <SheetSection
      id="colour"
      title={qualityWords.colourInGlass()}
      aside={<Button onClick={entry.add}>{qualityWords.readTheColour()}</Button>}
    >
      {file.colours.length === 0 ? (
        <p className="text-lg">{qualityWords.notReadYetColourSeen()}</p>
      ) : (
        <ul className="divide-y divide-thread">
          {file.colours.map((colour) => (
            <QualityRow
              key={colour.entityId}
              content={colour.content}
              what={qualityWords.theColour()}
              how={colour.content.read.by === 'photometer' ? colour.content.read.dilution : ''}
              onEdit={() => entry.edit(colour)}
            >
              <p className="text-2xl font-bold">{colourWords(colour.content)}</p>
              <p className="text-base empty:hidden">{nearWords(colour.content)}</p>
            </QualityRow>
          ))}
        </ul>
      )}
      <CombGuesses file={file} />
      <EntrySheet
        {...entry.sheet}
        kind="colour"
        ownerId={file.lot.entityId}
        what={qualityWords.theColour()}
        title={qualityWords.colourInGlass()}
        description={qualityWords.inAGlassAgainstThe()}
        parse={(form) => readColourForm(form, entry.context)}
      >
        <ColourFields file={file} />
      </EntrySheet>
    </SheetSection>
  );
}
