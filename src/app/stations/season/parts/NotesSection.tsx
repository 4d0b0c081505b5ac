import { useMemo, type ReactElement } from 'react';
import { yardOf } from '../../../../model';
import { type SeasonNote } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useEditing } from '../../../data/useEditing';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { isoToday } from '../../../format/dates';
import { freshNote, noteEntry } from '../../../forms/hives/seasonNoteForm';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useBook, useCurrent } from '../../../data/useWorkspaceModel';
import { commonWords } from '../../../words/english/common';
import { seasonWords } from '../../../words/english/season';

/** What to do differently; each comes back on its planning day. */
export function NotesSection({ year }: { year: number }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const written = useCurrent('season-note');
  const editing = useEditing<SeasonNote>();
  const book = useBook();
  const yardName = (id: string | null): string =>
    id !== null ? `${yardOf(book, id)?.content.name ?? seasonWords.aYardRemoved()}: ` : '';
  const notes = useMemo(
    () => [...written].sort((a, b) => a.content.planningDay.localeCompare(b.content.planningDay)),
    [written],
  );
  const { record } = editing;
  return (
    <SheetSection
      id="notes"
      title={seasonWords.doDifferently()}
      aside={<Button onClick={() => editing.add()}>{seasonWords.enterByHand()}</Button>}
    >
      {notes.length === 0 && <p className="text-lg">{seasonWords.whatYouNoteHereComes()}</p>}
      <ul className="divide-y divide-thread">
        {notes.map((note) => (
          <li key={note.entityId} className="flex flex-wrap items-center gap-x-4 py-2">
            <span className="grow basis-60 text-lg">
              {yardName(note.content.yardId)}
              {note.content.text}
              <span className="block text-base text-ink-soft">
                {note.content.done === ''
                  ? seasonWords.comesBackNotedIn({
                      planningDay: formatDay(note.content.planningDay),
                      year: note.content.year,
                    })
                  : seasonWords.done({ done: note.content.done })}
              </span>
            </span>
            <Button tone="quiet" onClick={() => editing.edit(note)}>
              {commonWords.change()}
              <span className="sr-only">
                {' '}
                {seasonWords.theNote({ text: note.content.text.slice(0, 30) })}
              </span>
            </Button>
          </li>
        ))}
      </ul>
      <EntrySheet
        {...editing}
        kind="season-note"
        what={seasonWords.theNoteInside()}
        title={seasonWords.doItDifferently()}
        description={seasonWords.itComesBackOnThat()}
        formOf={noteEntry.fill(record?.content ?? freshNote(isoToday()), preferences)}
        parse={(form) =>
          noteEntry.read(form, preferences, { rest: { year: record?.content.year ?? year } })
        }
      >
        <Field of={noteEntry} at="text" />
        <Field
          of={noteEntry}
          at="yardId"
          choices={[
            { value: '', label: seasonWords.allYards() },
            ...book.yards.map((yard) => ({ value: yard.entityId, label: yard.content.name })),
          ]}
        />
        <Fields of={noteEntry} at={['planningDay', 'done']} />
      </EntrySheet>
    </SheetSection>
  );
}
