import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { type LotFile } from '../../../../model';
import { NOTES, type Preferences, type Senses, type SensesContent } from '../../../../records';
import type { FormOf } from '../../../entry/codec';
import { Fields } from '../../../entry/Fields';
import { readerOf, sensesEntry } from '../../../forms/bench/qualityForms';
import { FAULT_NAMES, FOAM_NAMES, IMPURITY_NAMES } from '../../../words/sensesWords';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useQualityEntry } from '../useQualityEntry';
import { QualityRow } from './QualityRow';
import { qualityWords } from '../../../words/english/quality';
import { tastesWords } from '../../../words/english/tastes';

const STRENGTHS = [qualityWords.faint(), qualityWords.plain(), qualityWords.strong()] as const;

type SensesForm = FormOf<typeof sensesEntry.fields>;

/** Each tap makes a note stronger; after strong it is gone. */
function NoteButtons(): ReactElement {
  const { watch, setValue } = useFormContext<SensesForm>();
  const notes = watch('notes');
  const press = (note: SensesForm['notes'][number]['note']): void => {
    const strength = (notes.find((item) => item.note === note)?.strength ?? 0) + 1;
    const others = notes.filter((item) => item.note !== note);
    const next = strength > STRENGTHS.length ? others : [...others, { note, strength }];
    setValue('notes', next, { shouldDirty: true });
  };
  return (
    <fieldset>
      <legend className="text-base font-semibold">{qualityWords.smellAndTasteTapFor()}</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {NOTES.map((note) => {
          const strength = notes.find((item) => item.note === note)?.strength ?? 0;
          const word = STRENGTHS[strength - 1];
          return (
            <button
              key={note}
              type="button"
              aria-pressed={strength > 0}
              onClick={() => press(note)}
              className="min-h-12 border-2 border-ink bg-paper px-3 text-base font-semibold aria-pressed:bg-ink aria-pressed:text-linen"
            >
              {tastesWords[note]()}
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
      <Fields of={sensesEntry} at={['faults', 'foam', 'impurities', 'typical', 'remark']} />
    </div>
  );
}

/** What was smelt, tasted and seen, in a line. */
function sensesWords({ notes, faults, foam, impurities, typical }: SensesContent): string {
  const strong = [...notes].sort((a, b) => b.strength - a.strength);
  const parts = [
    strong.map(({ note, strength }) => `${note} (${STRENGTHS[strength - 1] ?? ''})`).join(', '),
    faults.length > 0
      ? qualityWords.faults2({
          faults: faults.map((fault) => FAULT_NAMES[fault].toLowerCase()).join(', '),
        })
      : qualityWords.noFault(),
    foam === 'none'
      ? qualityWords.noFoam()
      : qualityWords.foam({ foam: FOAM_NAMES[foam].toLowerCase() }),
    impurities.length > 0
      ? qualityWords.seenInIt2({
          impurities: impurities
            .map((impurity) => IMPURITY_NAMES[impurity].toLowerCase())
            .join(', '),
        })
      : qualityWords.clean(),
    typical === null
      ? ''
      : typical
        ? qualityWords.typicalOfItsFlower()
        : qualityWords.notTypicalOfItsFlower(),
  ];
  return parts.filter((part) => part !== '').join('; ');
}

const formOf = (
  content: SensesContent | null,
  _day: string,
  preferences: Preferences,
): SensesForm => sensesEntry.fill(content ?? {}, preferences);

/** Smell, taste, foam and what swims in it. */
export function SensesSection({ file }: { file: LotFile }): ReactElement {
  const entry = useQualityEntry<Senses, SensesForm>(formOf);
  return (
    <SheetSection
      id="senses"
      title={qualityWords.smellTasteAndPurity()}
      aside={<Button onClick={entry.add}>{qualityWords.tasteIt()}</Button>}
    >
      {file.senses.length === 0 ? (
        <p className="text-lg">{qualityWords.notTastedYet()}</p>
      ) : (
        <ul className="divide-y divide-thread">
          {file.senses.map((sense) => (
            <QualityRow
              key={sense.entityId}
              content={sense.content}
              what={qualityWords.theTasting()}
              onEdit={() => entry.edit(sense)}
            >
              <p className="text-lg font-semibold">{sensesWords(sense.content)}</p>
            </QualityRow>
          ))}
        </ul>
      )}
      <EntrySheet
        {...entry.sheet}
        kind="senses"
        ownerId={file.lot.entityId}
        what={qualityWords.theTasting()}
        title={qualityWords.smellTasteAndPurity()}
        description={qualityWords.atRoomTemperatureFromA()}
        parse={(form) =>
          sensesEntry.read(form, entry.context.preferences, { rest: readerOf(entry.context) })
        }
      >
        <SensesFields />
      </EntrySheet>
    </SheetSection>
  );
}
