import { useState, type ReactElement, type ReactNode } from 'react';
import { useFormContext, useFormState } from 'react-hook-form';
import { COMB_FACES, HONEY_KINDS } from '../../../../core';
import { makeUpCount, makeUpMass, type NamedTool } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { EMPTY_WORKSHOP, useWorkshop } from '../../../data/useWorkshop';
import type { ExtractionForm } from '../../../forms/extractionForm';
import { decimalText } from '../../../format/decimal';
import { FACE_NAMES, toolName } from '../../../format/strainWords';
import { unitOf } from '../../../format/units';
import { lotOptions } from '../../../lot/lotOptions';
import { ChoiceField } from '../../../ui/ChoiceField';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';
import { FoldSummary } from '../../../ui/FoldSummary';

const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
];

const KIND_NAMES = { ordinary: 'Honey that flows', heather: 'Ling (heather), a gel' } as const;

interface FoldProps {
  title: string;
  /** fields in it: with something wrong in one of them it stays open */
  fields: readonly (keyof ExtractionForm)[];
  children: ReactNode;
}

/** Some fields of the day, folded away until they are wanted. */
function Fold({ title, fields, children }: FoldProps): ReactElement {
  const { errors } = useFormState<ExtractionForm>();
  const [isOpen, setOpen] = useState(false);
  const isWrong = fields.some((one) => errors[one] !== undefined);
  return (
    <details
      className="border-t-2 border-ink pt-1"
      open={isOpen || isWrong}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <FoldSummary size="heading">{title}</FoldSummary>
      <div className="space-y-5 pb-3">{children}</div>
    </details>
  );
}

const GRID = 'grid gap-5 sm:grid-cols-2';

function LotOfDay(): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const { setValue, getValues } = useFormContext<ExtractionForm>();
  const { files } = useWorkshop() ?? EMPTY_WORKSHOP;
  if (files.length === 0) return null;
  const take = (lotId: string): void => {
    const file = files.find((one) => one.lot.entityId === lotId);
    if (!file) return;
    const set = (field: keyof ExtractionForm, value: string): void =>
      setValue(field, value, { shouldDirty: true });
    if (getValues('name').trim() === '')
      set('name', file.lot.content.name || file.lot.content.code);
    set('honeyKind', file.lot.content.honeyKind);
    const made = file.frames?.content;
    if (!made) return;
    const [frames, { massKg }] = [makeUpCount(made), makeUpMass(made)];
    set('frames', String(frames));
    set('honeyPerFrame', decimalText(unitOf('mass', preferences).fromBase(massKg / frames), 2));
  };
  return (
    <SelectField
      name="lotId"
      label="Honey of the lot"
      options={lotOptions(files)}
      onChosen={take}
      hint="Brings its frames and their honey; pails can be written down for it afterwards"
    />
  );
}

function ToolFields({ tools }: { tools: readonly NamedTool[] }): ReactElement {
  const { setValue, watch } = useFormContext<ExtractionForm>();
  const take = (kind: string): void => {
    const tool = tools.find((one) => one.kind === kind);
    if (!tool) return;
    setValue('secondsPerFrame', decimalText(tool.secondsPerFrame, 0), { shouldDirty: true });
    setValue('toolLoss', decimalText(100 * tool.lossShare, 1), { shouldDirty: true });
  };
  const kinds = tools.filter((one, at) => tools.findIndex((each) => each.kind === one.kind) === at);
  const chosen = watch('toolKind');
  return (
    <>
      <SelectField
        name="toolKind"
        label="Opened with"
        options={kinds.map((one) => ({ value: one.kind, label: toolName(one) }))}
        onChosen={take}
        hint={
          chosen === 'hot-knife'
            ? 'Never leave it on and lying: it burns, and it scorches honey.'
            : undefined
        }
      />
      <div className={GRID}>
        <TextField name="secondsPerFrame" label="A frame takes" unit="s" inputMode="decimal" />
        <TextField
          name="tools"
          label="Tools"
          inputMode="numeric"
          hint="So many can uncap at once"
        />
        <TextField name="toolLoss" label="Goes with the wax" unit="%" inputMode="decimal" />
        <TextField name="rackFrames" label="May wait opened" unit="frames" inputMode="numeric" />
      </div>
    </>
  );
}

function ExtractorFields({ mass }: { mass: string }): ReactElement {
  const { watch } = useFormContext<ExtractionForm>();
  return (
    <Fold
      title="Extractor"
      fields={['framesPerLoad', 'spin', 'handle', 'turn', 'extractors', 'left', 'walls', 'sump']}
    >
      <ChoiceField
        name="drive"
        label="Driven"
        choices={[
          { value: 'motor', label: 'By a motor' },
          { value: 'hand', label: 'By hand' },
        ]}
      />
      <ChoiceField name="turned" label="Frames are turned for the second side" choices={YES_NO} />
      <div className={GRID}>
        <TextField name="framesPerLoad" label="Takes" unit="frames" inputMode="numeric" />
        <TextField
          name="spin"
          label={watch('turned') === 'yes' ? 'Each side spins' : 'Spins'}
          unit="min"
          inputMode="decimal"
        />
        <TextField name="handle" label="Filling and emptying" unit="min" inputMode="decimal" />
        {watch('turned') === 'yes' && (
          <TextField name="turn" label="Turning" unit="min" inputMode="decimal" />
        )}
        <TextField name="extractors" label="Extractors" inputMode="numeric" />
        <TextField name="left" label="Stays in the comb" unit="%" inputMode="decimal" />
        <TextField name="walls" label="Stays on walls" unit={mass} inputMode="decimal" />
        <TextField
          name="sump"
          label="May wait for the strainer"
          unit={mass}
          inputMode="decimal"
          hint="Room under the basket and in the tank before the strainer"
        />
      </div>
    </Fold>
  );
}

const STRAINER_FIELDS = [
  'temperature',
  'moisture',
  'coarseOpening',
  'coarseArea',
  'coarseHead',
  'fineOpening',
  'fineArea',
  'fineHead',
  'strainers',
  'scrapeMinutes',
  'scrapeAt',
  'pail',
  'pailsHave',
  'pailChange',
] as const;

function StrainerFields({ degrees, mass }: { degrees: string; mass: string }): ReactElement {
  return (
    <Fold title="Strainer, honey and pails" fields={STRAINER_FIELDS}>
      <div className={GRID}>
        <TextField
          name="temperature"
          label="Honey at the strainer"
          unit={degrees}
          inputMode="decimal"
        />
        <TextField name="moisture" label="Its water" unit="%" inputMode="decimal" />
      </div>
      <div className="grid gap-5 sm:grid-cols-3">
        <TextField
          name="coarseOpening"
          label="Coarse mesh"
          unit="µm"
          inputMode="decimal"
          hint="Empty: none"
        />
        <TextField name="coarseArea" label="its area" unit="dm²" inputMode="decimal" />
        <TextField name="coarseHead" label="honey over it" unit="cm" inputMode="decimal" />
        <TextField name="fineOpening" label="Fine mesh" unit="µm" inputMode="decimal" />
        <TextField name="fineArea" label="its area" unit="dm²" inputMode="decimal" />
        <TextField name="fineHead" label="honey over it" unit="cm" inputMode="decimal" />
      </div>
      <div className={GRID}>
        <TextField name="strainers" label="Strainers" inputMode="numeric" />
        <TextField name="scrapeMinutes" label="Scraping takes" unit="min" inputMode="decimal" />
        <TextField
          name="scrapeAt"
          label="Scraped when it runs at"
          unit="%"
          inputMode="decimal"
          hint="Of what the clean mesh lets through"
        />
      </div>
      <div className="grid gap-5 sm:grid-cols-3">
        <TextField name="pail" label="A pail holds" unit={mass} inputMode="decimal" />
        <TextField name="pailsHave" label="Pails there are" inputMode="numeric" />
        <TextField name="pailChange" label="Changing one" unit="min" inputMode="decimal" />
      </div>
    </Fold>
  );
}

function BeesFields(): ReactElement {
  return (
    <Fold
      title="Bees’ hours"
      fields={['shutFrom', 'shutTo', 'boxesInside', 'carry', 'wetOutFrom', 'wetOut']}
    >
      <p className="text-base">
        While bees fly, doors stay shut and no box is carried in; wet boxes go out after dusk.
      </p>
      <div className={GRID}>
        <TextField name="shutFrom" label="Doors shut from" hint="Empty: never" />
        <TextField name="shutTo" label="to" />
        <TextField
          name="boxesInside"
          label="Boxes inside at the start"
          inputMode="numeric"
          hint="Empty: all of them"
        />
        <TextField name="carry" label="Carrying a box in" unit="min" inputMode="decimal" />
        <TextField name="wetOutFrom" label="Wet boxes out from" hint="Empty: not on this day" />
        <TextField name="wetOut" label="each takes" unit="min" inputMode="decimal" />
      </div>
    </Fold>
  );
}

/** What a day at the line is: combs and people at once, the rest where it differs from usual. */
export function DayFields({ tools }: { tools: readonly NamedTool[] }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const degrees = unitOf('temperature', preferences).name;
  const mass = unitOf('mass', preferences).name;
  return (
    <div className="space-y-5">
      <LotOfDay />
      <TextField name="name" label="Name" hint="Such as “borage, first extraction”" />
      <div className="grid gap-5 sm:grid-cols-3">
        <TextField name="frames" label="Frames" inputMode="numeric" big />
        <TextField name="day" label="Day" type="date" />
        <TextField name="start" label="Begins at" />
      </div>
      <TextField
        name="people"
        label="Who works"
        hint="Names, with a pace where it is not usual: Ada, Bo 80 %"
      />
      <div className={GRID}>
        <TextField name="honeyPerFrame" label="Honey in a frame" unit={mass} inputMode="decimal" />
        <TextField name="framesPerBox" label="Frames in a box" inputMode="numeric" />
      </div>
      <ChoiceField
        name="face"
        label="The comb is"
        choices={COMB_FACES.map((value) => ({ value, label: FACE_NAMES[value] }))}
      />
      <ChoiceField name="newComb" label="Built this year" choices={YES_NO} />
      <ChoiceField
        name="honeyKind"
        label="Honey"
        choices={HONEY_KINDS.map((value) => ({ value, label: KIND_NAMES[value] }))}
      />
      <ToolFields tools={tools} />
      <TextField name="breaks" label="Breaks" hint="Such as 12:30 45 min, 16:00 15 min" />
      <ExtractorFields mass={mass} />
      <StrainerFields degrees={degrees} mass={mass} />
      <BeesFields />
      <TextField name="remark" label="Remark" />
    </div>
  );
}
