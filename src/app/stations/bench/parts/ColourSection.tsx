import { useMemo, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import {
  COLOUR_CLASSES,
  PFUND_WAVELENGTH_NM,
  pfundFromAbsorbance,
  possibleClasses,
} from '../../../../core';
import {
  pfundOf,
  vesselsOf,
  type ColourContent,
  type ColourReading,
  type LotFile,
} from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useEditing } from '../../../data/useEditing';
import { useMoment } from '../../../data/useMeters';
import {
  FRESH_COLOUR,
  colourFormOf,
  readColourForm,
  type ColourForm,
} from '../../../forms/qualityForms';
import { colourWords } from '../../../format/colour';
import { formatMoment } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { ChoiceField } from '../../../ui/ChoiceField';
import { EntrySheet } from '../../../ui/EntrySheet';
import { SelectField } from '../../../ui/SelectField';
import { SheetSection } from '../../../ui/SheetSection';
import { TextField } from '../../../ui/TextField';
import { CombGuesses } from './CombGuesses';

/** What a comparator, or a photometer with its relation, may be off by [mm]. @source common practice, no source */
const PLUS_MINUS_MM = { comparator: 3, photometer: 4, eye: 0 } as const;

/** Other classes that are possible within what the reading may be off by. */
function nearWords(content: ColourContent): string {
  const pfundMm = pfundOf(content);
  if (pfundMm === null) return '';
  const classes = possibleClasses(pfundMm, PLUS_MINUS_MM[content.read.by]);
  return classes.length < 2
    ? ''
    : `Near an edge: ${classes.map((one) => one.name).join(' or ')} within ± ${PLUS_MINUS_MM[content.read.by]} mm.`;
}

function absorbanceHint(text: string, path: string): string | undefined {
  const [absorbance, pathCm] = [text, path].map((one) => Number(one.replace(',', '.')));
  try {
    return `That is ${Math.round(pfundFromAbsorbance(absorbance ?? NaN, pathCm))} mm Pfund.`;
  } catch {
    return undefined;
  }
}

function PhotometerFields(): ReactElement {
  const { watch } = useFormContext<ColourForm>();
  return (
    <>
      <p className="text-base">
        At {PFUND_WAVELENGTH_NM} nm, usually a filtered 50 % w/v solution; mm = −38.70 + 371.39·A
        (attribution to White 1984 doubtful, recalled from memory).
      </p>
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField
          name="absorbance"
          label="Absorbance"
          inputMode="decimal"
          hint={absorbanceHint(watch('absorbance'), watch('path'))}
        />
        <TextField name="path" label="Length of the cell" unit="cm" inputMode="decimal" />
      </div>
      <TextField name="dilution" label="Dilution" />
    </>
  );
}

function ColourFields({ file }: { file: LotFile }): ReactElement {
  const { watch } = useFormContext<ColourForm>();
  const by = watch('by');
  const vessels = vesselsOf(file.containers);
  return (
    <div className="space-y-5">
      <ChoiceField
        name="by"
        label="Read in glass by"
        choices={[
          { value: 'comparator', label: 'Comparator' },
          { value: 'photometer', label: 'Photometer' },
          { value: 'eye', label: 'Eye' },
        ]}
      />
      {by === 'comparator' && (
        <TextField name="pfund" label="Pfund" unit="mm" inputMode="decimal" big />
      )}
      {by === 'photometer' && <PhotometerFields />}
      {by === 'eye' && (
        <SelectField
          name="classId"
          label="Class"
          options={COLOUR_CLASSES.map((one) => ({ value: one.id, label: one.name }))}
        />
      )}
      <SelectField
        name="vessel"
        label="Taken from"
        options={[
          { value: '', label: 'The lot as a whole, stirred' },
          ...vessels.map(({ id, label }) => ({ value: id, label })),
        ]}
      />
      <TextField name="remark" label="Remark" />
    </div>
  );
}

function ColourRow({
  colour,
  onEdit,
}: {
  colour: ColourReading;
  onEdit: () => void;
}): ReactElement {
  const { content } = colour;
  const near = nearWords(content);
  return (
    <li className="flex flex-wrap items-start gap-x-4 py-2">
      <div className="grow basis-64">
        <p className="text-2xl font-bold">{colourWords(content)}</p>
        <p className="text-base text-ink-soft">
          {formatMoment(content.takenAt)}
          {content.who === '' ? '' : ` · ${content.who}`}
          {content.read.by === 'photometer' ? ` · ${content.read.dilution}` : ''}
          {content.remark === '' ? '' : ` · ${content.remark}`}
        </p>
        {near !== '' && <p className="text-base">{near}</p>}
      </div>
      <Button tone="quiet" onClick={onEdit}>
        Change<span className="sr-only"> the colour</span>
      </Button>
    </li>
  );
}

/** Colour in glass, with what was guessed in the comb beside it. */
export function ColourSection({ file }: { file: LotFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const takenAt = useMoment();
  const editing = useEditing<ColourReading>();
  const { record } = editing;
  const formOf = useMemo(() => (record ? colourFormOf(record.content) : FRESH_COLOUR), [record]);
  return (
    <SheetSection
      id="colour"
      title="Colour in glass"
      aside={<Button onClick={() => editing.add()}>Read the colour</Button>}
    >
      {file.colours.length === 0 ? (
        <p className="text-lg">
          Not read yet. Colour seen in comb is only a guess: old wax darkens it.
        </p>
      ) : (
        <ul className="divide-y divide-thread">
          {file.colours.map((one) => (
            <ColourRow key={one.entityId} colour={one} onEdit={() => editing.edit(one)} />
          ))}
        </ul>
      )}
      <CombGuesses file={file} />
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="colour"
        record={record}
        ownerId={file.lot.entityId}
        what="the colour"
        title={record ? 'Colour in glass' : 'Read the colour'}
        description="In a glass, against the light, without foam and crystals."
        formOf={formOf}
        parse={(form) =>
          readColourForm(form, { preferences, takenAt, ...(record && { former: record.content }) })
        }
      >
        <ColourFields file={file} />
      </EntrySheet>
    </SheetSection>
  );
}
