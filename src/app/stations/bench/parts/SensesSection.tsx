import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { FAULTS, FOAMS, IMPURITIES, type Fault, type Foam, type Impurity } from '../../../../core';
import { NOTES, type LotFile, type Senses, type SensesContent } from '../../../../records';
import {
  FRESH_SENSES,
  readSensesForm,
  sensesFormOf,
  type SensesForm,
} from '../../../forms/qualityForms';
import { Button } from '../../../ui/Button';
import { ChecksField } from '../../../ui/ChecksField';
import { ChoiceField } from '../../../ui/ChoiceField';
import { EntrySheet } from '../../../ui/EntrySheet';
import { SheetSection } from '../../../ui/SheetSection';
import { TextField } from '../../../ui/TextField';
import { useQualityEntry } from '../useQualityEntry';
import { QualityRow } from './QualityRow';

const FAULT_NAMES: Readonly<Record<Fault, string>> = {
  sour: 'Sour',
  yeasty: 'Yeasty',
  boozy: 'Boozy',
  repellent: 'Repellent, chemical',
  smoke: 'Smoke',
  caramel: 'Caramel, burnt',
  musty: 'Musty',
  metallic: 'Metallic',
};

const FOAM_NAMES: Readonly<Record<Foam, string>> = {
  none: 'None',
  thin: 'Thin',
  thick: 'Thick',
  'comes-back': 'Comes back when skimmed',
};

const IMPURITY_NAMES: Readonly<Record<Impurity, string>> = {
  wax: 'Wax',
  bees: 'Parts of bees',
  brood: 'Brood',
  wood: 'Wood',
  other: 'Something else',
};

const STRENGTHS = ['faint', 'plain', 'strong'] as const;

const named = <T extends string>(values: readonly T[], names: Readonly<Record<T, string>>) =>
  values.map((value) => ({ value, label: names[value] }));

/** Each tap makes a note stronger; after strong it is gone. */
function NoteButtons(): ReactElement {
  const { watch, setValue } = useFormContext<SensesForm>();
  const notes = watch('notes');
  const press = (note: SensesForm['notes'][number]['note']): void => {
    const strength = (notes.find((one) => one.note === note)?.strength ?? 0) + 1;
    const others = notes.filter((one) => one.note !== note);
    const next = strength > STRENGTHS.length ? others : [...others, { note, strength }];
    setValue('notes', next, { shouldDirty: true });
  };
  return (
    <fieldset>
      <legend className="text-base font-semibold">
        Smell and taste: tap for faint, plain, strong
      </legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {NOTES.map((note) => {
          const strength = notes.find((one) => one.note === note)?.strength ?? 0;
          const word = STRENGTHS[strength - 1];
          return (
            <button
              key={note}
              type="button"
              aria-pressed={strength > 0}
              onClick={() => press(note)}
              className="min-h-12 border-2 border-ink bg-paper px-3 text-base font-semibold aria-pressed:bg-ink aria-pressed:text-linen"
            >
              {note}
              {word ? `, ${word}` : ''}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}

function SensesFields(): ReactElement {
  return (
    <div className="space-y-5">
      <NoteButtons />
      <ChecksField name="faults" label="Faults" choices={named(FAULTS, FAULT_NAMES)} />
      <ChoiceField name="foam" label="Foam on top" choices={named(FOAMS, FOAM_NAMES)} />
      <ChecksField
        name="impurities"
        label="Seen in it"
        choices={named(IMPURITIES, IMPURITY_NAMES)}
      />
      <ChoiceField
        name="typical"
        label="Typical of the flower it is named after"
        choices={[
          { value: 'not-said', label: 'Not said' },
          { value: 'yes', label: 'Yes' },
          { value: 'no', label: 'No' },
        ]}
      />
      <TextField name="remark" label="Remark" />
    </div>
  );
}

/** What was smelt, tasted and seen, in a line. */
function sensesWords({ notes, faults, foam, impurities, typical }: SensesContent): string {
  const strong = [...notes].sort((a, b) => b.strength - a.strength);
  const parts = [
    strong.map(({ note, strength }) => `${note} (${STRENGTHS[strength - 1] ?? ''})`).join(', '),
    faults.length > 0
      ? `faults: ${faults.map((one) => FAULT_NAMES[one].toLowerCase()).join(', ')}`
      : 'no fault',
    foam === 'none' ? 'no foam' : `foam: ${FOAM_NAMES[foam].toLowerCase()}`,
    impurities.length > 0
      ? `seen in it: ${impurities.map((one) => IMPURITY_NAMES[one].toLowerCase()).join(', ')}`
      : 'clean',
    typical === null ? '' : typical ? 'typical of its flower' : 'not typical of its flower',
  ];
  return parts.filter((one) => one !== '').join('; ');
}

const formOf = (content: SensesContent | null): SensesForm =>
  content ? sensesFormOf(content) : FRESH_SENSES;

/** Smell, taste, foam and what swims in it. */
export function SensesSection({ file }: { file: LotFile }): ReactElement {
  const entry = useQualityEntry<Senses, SensesForm>(formOf);
  return (
    <SheetSection
      id="senses"
      title="Smell, taste and purity"
      aside={<Button onClick={entry.add}>Taste it</Button>}
    >
      {file.senses.length === 0 ? (
        <p className="text-lg">Nobody tasted it yet.</p>
      ) : (
        <ul className="divide-y divide-thread">
          {file.senses.map((one) => (
            <QualityRow
              key={one.entityId}
              content={one.content}
              what="what was tasted"
              onEdit={() => entry.edit(one)}
            >
              <p className="text-lg font-semibold">{sensesWords(one.content)}</p>
            </QualityRow>
          ))}
        </ul>
      )}
      <EntrySheet
        {...entry.sheet}
        kind="senses"
        ownerId={file.lot.entityId}
        what="what was tasted"
        title="Smell, taste and purity"
        description="At room temperature, from a clean spoon. A sign of fermentation outranks every number."
        parse={(form) => readSensesForm(form, entry.context)}
      >
        <SensesFields />
      </EntrySheet>
    </SheetSection>
  );
}
