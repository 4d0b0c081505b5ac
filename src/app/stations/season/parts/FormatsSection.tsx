import { useMemo, type ReactElement } from 'react';
import { type Book } from '../../../../model';
import { type OwnFormat } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Fields } from '../../../entry/Fields';
import { formatEntry } from '../../../forms/hives/formatForm';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { EntryRow } from '../../../ui/forms/EntryRow';
import { useEditing } from '../../../data/useEditing';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { useCurrent } from '../../../data/useWorkspaceModel';

/** Frames: the catalogue that ships, and the keeper's own. */
export function FormatsSection({ book }: { book: Book }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const own = useCurrent('format');
  const editing = useEditing<OwnFormat>();
  const { record } = editing;
  const formOf = useMemo(
    () => formatEntry.fill(record?.content ?? {}, preferences),
    [record, preferences],
  );
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences, 2);
  return (
    <SheetSection
      id="formats"
      title="Frames"
      aside={<Button onClick={() => editing.add()}>Add a frame</Button>}
    >
      <div className="divide-y divide-thread">
        {own.map((one) => (
          <EntryRow
            key={one.entityId}
            title={one.content.name}
            facts={[`${one.content.areaDm2} dm² a side`, `empty ${kg(one.content.frameTareKg)}`]}
            onEdit={() => editing.edit(one)}
          />
        ))}
      </div>
      <details>
        <FoldSummary>Common frames that ship ({book.formats.length - own.length})</FoldSummary>
        <PlainTable
          label="Common frames"
          head={['Frame', 'Comb of a side', 'Empty frame', 'Empty box']}
          rows={book.formats
            .filter((one) => !own.some((mine) => mine.entityId === one.id))
            .map((one) => [one.name, `${one.areaDm2} dm²`, kg(one.frameTareKg), kg(one.boxTareKg)])}
        />
        <p className="mt-1 text-base">Common practice, no source; weigh your own.</p>
      </details>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="format"
        record={record}
        what="the frame"
        title={record ? record.content.name : 'A frame of your own'}
        description="Area inside the wood, and what frame and box weigh empty."
        formOf={formOf}
        parse={(form) => formatEntry.read(form, preferences)}
      >
        <Fields of={formatEntry} at={['name', 'areaDm2', 'frameTareKg', 'boxTareKg']} />
      </EntrySheet>
    </SheetSection>
  );
}
