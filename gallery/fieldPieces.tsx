import { useState, type ReactElement, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { Button } from '../src/app/ui/Button';
import { BUTTON_TONES, type ButtonTone } from '../src/app/ui/classes';
import { ChecksField } from '../src/app/ui/fields/ChecksField';
import { ChoiceField } from '../src/app/ui/fields/ChoiceField';
import { ColumnMatch } from '../src/app/ui/fields/ColumnMatch';
import { FileButton } from '../src/app/ui/fields/FileButton';
import { LooseField } from '../src/app/ui/fields/LooseField';
import { PasteField } from '../src/app/ui/fields/PasteField';
import { Pick } from '../src/app/ui/fields/Pick';
import { SelectField } from '../src/app/ui/fields/SelectField';
import { Slider } from '../src/app/ui/fields/Slider';
import { TextField } from '../src/app/ui/fields/TextField';
import { TextFileChoice } from '../src/app/ui/fields/TextFileChoice';
import { EntryRow } from '../src/app/ui/forms/EntryRow';
import { FieldFold } from '../src/app/ui/forms/FieldFold';
import { FormFrame } from '../src/app/ui/forms/FormFrame';
import { OneMassForm } from '../src/app/ui/forms/OneMassForm';
import { RestoredNote } from '../src/app/ui/forms/RestoredNote';
import { Sheet } from '../src/app/ui/forms/Sheet';
import { SideBySide } from '../src/app/ui/forms/SideBySide';
import { PlainTable } from '../src/app/ui/PlainTable';
import { demoSeason } from '../demo/season';
import { Piece } from './Piece';

const nothing = (): void => undefined;
const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
];

interface InFormProps {
  value?: unknown;
  /** what is wrong, with or without a way to put it right */
  wrong?: string;
  fix?: string;
  children: ReactNode;
}

/** A field in a form, as it stands. */
function InForm({ value = '', wrong, fix, children }: InFormProps): ReactElement {
  const form = useForm({ defaultValues: { field: value, heading: 'yes', columns: { time: '' } } });
  const error = wrong === undefined ? null : { sentence: wrong };
  const live = error && {
    field: { ...error, fix: { label: fix ?? 'Use 25 °C', patch: { field: '25' } } },
  };
  return (
    <FormFrame form={form as never} live={live ?? {}} onSubmit={nothing} label="Sample">
      {children}
    </FormFrame>
  );
}

function SheetPiece(): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Open the sheet</Button>
      <Sheet open={open} onOpenChange={setOpen} title="A sheet" description="What it is for.">
        <p>Its fields.</p>
      </Sheet>
    </>
  );
}

const LOTS = demoSeason('2026-11-26', Date.parse('2026-11-26T12:00:00Z')).filter(
  ({ kind }) => kind === 'lot',
);

/** Buttons, fields, forms and rows. */
export function FieldPieces(): ReactElement {
  return (
    <>
      <Piece name="Button">
        {Object.fromEntries(
          (Object.keys(BUTTON_TONES) as ButtonTone[]).map((tone) => [
            tone,
            <span
              key={tone}
              className={tone === 'onInk' ? 'on-ink flex gap-3 bg-ink p-3' : 'flex gap-3'}
            >
              <Button tone={tone}>Save this reading</Button>
              <Button tone={tone} disabled>
                Not now
              </Button>
            </span>,
          ]),
        )}
      </Piece>
      <Piece name="TextField">
        {{
          empty: (
            <InForm>
              <TextField name="field" label="The dial shows" unit="%" hint="As it is read." />
            </InForm>
          ),
          big: (
            <InForm value="17.4">
              <TextField name="field" label="The dial shows" unit="%" big />
            </InForm>
          ),
          'wrong, with a fix': (
            <InForm value="77" wrong="77 °F is 25 °C. Temperatures here are in °C.">
              <TextField name="field" label="Temperature" unit="°C" />
            </InForm>
          ),
          'a day': (
            <InForm value="2026-08-12">
              <TextField name="field" label="Day" type="date" />
            </InForm>
          ),
        }}
      </Piece>
      <Piece name="LooseField">
        {{
          'with a hint and a button': (
            <LooseField
              label="The honey was done at"
              value="16:30"
              onType={nothing}
              wrong=""
              hint="One time is enough."
              beside={<Button>Keep that</Button>}
            />
          ),
          wrong: (
            <LooseField label="Drawn combs" value="few" onType={nothing} wrong="Type a number." />
          ),
        }}
      </Piece>
      <Piece name="ChoiceField">
        {{
          'nothing chosen': (
            <InForm>
              <ChoiceField name="field" label="Does the meter have ATC?" choices={YES_NO} />
            </InForm>
          ),
          chosen: (
            <InForm value="no">
              <ChoiceField name="field" label="Does the meter have ATC?" choices={YES_NO} />
            </InForm>
          ),
          cells: (
            <InForm value="3">
              <ChoiceField
                name="field"
                label="Capped"
                shape="cells"
                choices={['0', '1', '2', '3', '4'].map((value) => ({ value, label: value }))}
              />
            </InForm>
          ),
        }}
      </Piece>
      <Piece name="ChecksField">
        {{
          'one seen': (
            <InForm value={['yes']}>
              <ChecksField name="field" label="What was seen" choices={YES_NO} />
            </InForm>
          ),
        }}
      </Piece>
      <Piece name="SelectField">
        {{
          list: (
            <InForm value="no">
              <SelectField name="field" label="Sealed" options={YES_NO} hint="From the list." />
            </InForm>
          ),
        }}
      </Piece>
      <Piece name="ColumnMatch">
        {{
          'two columns': (
            <InForm>
              <ColumnMatch
                cells={[
                  ['time', 'celsius'],
                  ['2026-08-12 10:00', '33.1'],
                ]}
                fields={['time']}
                names={{ time: 'Time' }}
              />
            </InForm>
          ),
        }}
      </Piece>
      <Piece name="Slider">
        {{
          'part way': (
            <Slider
              label="Cabinet at"
              value={40}
              range={[25, 60]}
              words="40 °C"
              onChange={nothing}
            />
          ),
        }}
      </Piece>
      <Piece name="FileButton">
        {{
          ready: (
            <FileButton label="A file" accept="text/csv" onFile={nothing}>
              Choose a file
            </FileButton>
          ),
          'not now': (
            <FileButton label="Another file" accept="text/csv" onFile={nothing} disabled>
              Choose a file
            </FileButton>
          ),
        }}
      </Piece>
      <Piece name="Pick">
        {{
          chosen: (
            <Pick
              label="Who"
              choices={[
                { value: 'bees', label: 'Bees' },
                { value: 'wasps', label: 'Wasps' },
              ]}
              value="bees"
              onPick={nothing}
              columns={2}
            />
          ),
        }}
      </Piece>
      <Piece name="PasteField">
        {{
          pasted: (
            <PasteField label="Paste the cells here" value={'Marsh\t1\t2'} onText={nothing} />
          ),
        }}
      </Piece>
      <Piece name="FieldFold">
        {{
          'folded away': (
            <InForm>
              <FieldFold title="10 frames in each" fields={['field']}>
                <TextField name="field" label="Frames in each" />
              </FieldFold>
            </InForm>
          ),
          'something wrong in it': (
            <InForm wrong="Type a whole number.">
              <FieldFold title="Frames in each" fields={['field']}>
                <TextField name="field" label="Frames in each" />
              </FieldFold>
            </InForm>
          ),
        }}
      </Piece>
      <Piece name="TextFileChoice">
        {{ ready: <TextFileChoice label="File from the logger" onText={nothing} /> }}
      </Piece>
      <Piece name="OneMassForm">
        {{
          'nothing typed': (
            <OneMassForm
              formKey="gallery"
              label="Weight, in kg"
              button="Poured"
              wrongWith={() => ''}
              onKeep={() => Promise.resolve(true)}
            />
          ),
        }}
      </Piece>
      <Piece name="RestoredNote">{{ 'typed before': <RestoredNote onDiscard={nothing} /> }}</Piece>
      <Piece name="Sheet">{{ 'opened by its button': <SheetPiece /> }}</Piece>
      <Piece name="EntryRow">
        {{
          row: <EntryRow title="Hive 7" facts={['Marsh yard', '2 boxes']} onEdit={nothing} />,
        }}
      </Piece>
      <Piece name="SideBySide">
        {{
          'two versions': (
            <SideBySide label="Two" names={['Yours', 'The other']} records={LOTS.slice(0, 2)} />
          ),
        }}
      </Piece>
      <Piece name="PlainTable">
        {{
          table: (
            <PlainTable
              label="Readings"
              head={['Container', 'Water']}
              rows={[
                ['Bucket 1', '17.4 %'],
                ['Bucket 2', '17.9 %'],
              ]}
            />
          ),
        }}
      </Piece>
    </>
  );
}
