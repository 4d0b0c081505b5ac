import { useState, type ReactElement } from 'react';
import type { Circumstances } from '../../../../core';
import type { CircumstancesContent, LotFile } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { circumstancesFormOf, readCircumstancesForm } from '../../../forms/circumstancesForm';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { ChecksField } from '../../../ui/ChecksField';
import { ChoiceField } from '../../../ui/ChoiceField';
import { EntrySheet } from '../../../ui/EntrySheet';
import { SelectField } from '../../../ui/SelectField';
import { SheetSection } from '../../../ui/SheetSection';
import { TextField } from '../../../ui/TextField';

type Words<K extends keyof Circumstances> = readonly {
  readonly value: Extract<Circumstances[K], string>;
  readonly label: string;
}[];

const NECTAR: Words<'nectar'> = [
  { value: 'not-said', label: 'Not looked at' },
  { value: 'ordinary', label: 'Ordinary plants only' },
  { value: 'doubtful', label: 'Doubtful: a plant that may be toxic was in flower' },
  { value: 'toxic', label: 'Toxic nectar is in it' },
];
const HEALTH: Words<'sourceHealth'> = [
  { value: 'not-said', label: 'Not looked at' },
  { value: 'healthy', label: 'Healthy' },
  { value: 'unknown', label: 'Not known' },
  { value: 'diseased', label: 'Diseased, or suspected to be' },
];
const BROOD: Words<'brood'> = [
  { value: 'none', label: 'None' },
  { value: 'sealed', label: 'Sealed brood stayed in its cells' },
  { value: 'larvae', label: 'Larvae were spun out into the honey' },
];
const TAINT: Words<'taint'> = [
  { value: 'none', label: 'No scented board or cloth' },
  { value: 'not-tasted', label: 'Used on open comb, honey not tasted yet' },
  { value: 'clean', label: 'Used on open comb, tasted and found clean' },
  { value: 'tainted', label: 'Used on open comb, tasted and found tainted' },
];
const SET: Words<'setState'> = [
  { value: 'liquid', label: 'Liquid' },
  { value: 'part', label: 'Set in part' },
  { value: 'set', label: 'Set' },
  { value: 'creamed', label: 'Creamed' },
];
const RESIDUE_CHOICES = [
  { value: 'drug', label: 'A drug or treatment' },
  { value: 'repellent', label: 'A repellent' },
  { value: 'moth-chemical', label: 'Moth chemicals on stored comb' },
  { value: 'syrup', label: 'Syrup that was fed' },
];
const ALSO_CHOICES = [
  { value: 'wet-equipment', label: 'Equipment was wet with water' },
  { value: 'last-flow', label: 'Boxes went on with last flow’s honey in them' },
];

const OUTSIDE: Words<'outsideBoxes'> = [
  { value: 'not-said', label: 'Not said yet' },
  { value: 'nothing-given', label: 'No, nothing was given' },
  { value: 'given', label: 'Yes, treated or fed' },
];

const wordOf = (
  words: readonly { readonly value: string; readonly label: string }[],
  value: string,
): string => words.find((one) => one.value === value)?.label ?? '';

/** What was said that is not as it mostly is. */
function saidWords(content: CircumstancesContent): string[] {
  const { nectar, sourceHealth, brood, taint, setState, residues, treated } = content;
  return [
    ...(nectar === 'not-said' ? [] : [`Nectar: ${wordOf(NECTAR, nectar).toLowerCase()}`]),
    ...(sourceHealth === 'not-said'
      ? []
      : [`Colonies: ${wordOf(HEALTH, sourceHealth).toLowerCase()}`]),
    ...(brood === 'none' ? [] : [wordOf(BROOD, brood)]),
    ...(taint === 'none' ? [] : [`Scented board: ${wordOf(TAINT, taint).toLowerCase()}`]),
    ...(setState === 'liquid' ? [] : [wordOf(SET, setState)]),
    ...residues.map(
      (one) =>
        `Met: ${RESIDUE_CHOICES.find((each) => each.value === one)?.label.toLowerCase() ?? one}`,
    ),
    ...(treated
      ? [`${treated.product}: honey from ${formatDay(treated.freeFrom)} on, by its label`]
      : []),
    ...((content.outsideBoxes ?? 'not-said') === 'not-said'
      ? []
      : [
          `Boxes not in the book, treated or fed while on: ${wordOf(OUTSIDE, content.outsideBoxes ?? '').toLowerCase()}`,
        ]),
    ...(content.wetEquipment ? ['Equipment was wet'] : []),
    ...(content.lastFlowInBoxes ? ['Last flow’s honey was in the boxes'] : []),
    ...(content.remark === '' ? [] : [content.remark]),
  ];
}

function CircumstancesFields({ asksBoxes }: { asksBoxes: boolean }): ReactElement {
  return (
    <>
      {asksBoxes && (
        <ChoiceField
          name="outsideBoxes"
          label="Boxes that are not in the book: were their hives treated or fed while they were on?"
          choices={OUTSIDE}
        />
      )}
      <SelectField
        name="nectar"
        label="Nectar"
        options={NECTAR}
        hint="Know the toxic plants of your place; ask the local advisory service."
      />
      <SelectField name="sourceHealth" label="Health of its colonies" options={HEALTH} />
      <ChecksField
        name="residues"
        label="Did comb or honey meet one of these?"
        choices={RESIDUE_CHOICES}
      />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField
          name="product"
          label="Treated with"
          hint="Only where its label asks for a waiting time"
        />
        <TextField name="freeFrom" label="Honey may be taken from" type="date" />
      </div>
      <SelectField name="brood" label="Brood in the frames" options={BROOD} />
      <SelectField name="taint" label="Bees cleared with scent" options={TAINT} />
      <ChecksField name="also" label="Was this so?" choices={ALSO_CHOICES} />
      <SelectField name="setState" label="How it stands now" options={SET} />
      <TextField name="remark" label="Remark" />
    </>
  );
}

/** Whether frames of it were judged with boxes that are not in the book. */
const hasTypedBoxes = ({ frames }: LotFile): boolean =>
  frames?.content.frames.some((one) => one.frameId === null && (one.boxId ?? null) === null) ??
  false;

/** What else bears on a lot: nectar, health, treatments, brood, scent, water, last flow, setting. */
export function CircumstancesSection({ file }: { file: LotFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [open, setOpen] = useState(false);
  const record = file.circumstances;
  const words = record ? saidWords(record.content) : [];
  return (
    <SheetSection
      id="circumstances"
      title="Anything else to note?"
      aside={<Button onClick={() => setOpen(true)}>{record ? 'Change' : 'Add a note'}</Button>}
    >
      {words.length === 0 ? (
        <p className="text-lg">
          {record
            ? 'Looked at: nothing out of the ordinary.'
            : 'Nothing noted yet of nectar, health, treatments, brood or scent.'}
        </p>
      ) : (
        <ul className="list-disc space-y-1 pl-5 text-lg">
          {words.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
      <EntrySheet
        open={open}
        onOpenChange={setOpen}
        kind="circumstances"
        record={record}
        ownerId={file.lot.entityId}
        what="the note"
        title="Anything else to note?"
        description="What blocks a lot blocks it for every use; only you, by the label and local rules, can take it back."
        formOf={circumstancesFormOf(record?.content ?? null)}
        parse={(form) => readCircumstancesForm(form, preferences)}
      >
        <CircumstancesFields asksBoxes={hasTypedBoxes(file)} />
      </EntrySheet>
    </SheetSection>
  );
}
