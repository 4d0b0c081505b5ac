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
import { commonWords } from '../../../words/english/common';
import { seasonWords } from '../../../words/english/season';

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
      title={commonWords.framesHeading()}
      aside={<Button onClick={() => editing.add()}>{seasonWords.addAFrame()}</Button>}
    >
      <div className="divide-y divide-thread">
        {own.map((item) => (
          <EntryRow
            key={item.entityId}
            title={item.content.name}
            facts={[
              seasonWords.dmASide({ areaDm2: item.content.areaDm2 }),
              seasonWords.empty({ frameTareKg: kg(item.content.frameTareKg) }),
            ]}
            onEdit={() => editing.edit(item)}
          />
        ))}
      </div>
      <details>
        <FoldSummary>
          {seasonWords.commonFramesThatShip({ formats: book.formats.length - own.length })}
        </FoldSummary>
        <PlainTable
          label={seasonWords.commonFrames()}
          head={[
            commonWords.frameHeading(),
            seasonWords.combOfASide(),
            seasonWords.emptyFrame(),
            seasonWords.emptyBox(),
          ]}
          rows={book.formats
            .filter((format) => !own.some((mine) => mine.entityId === format.id))
            .map((format) => [
              format.name,
              seasonWords.dmAreadm2({ areaDm2: format.areaDm2 }),
              kg(format.frameTareKg),
              kg(format.boxTareKg),
            ])}
        />
        <p className="mt-1 text-base">{seasonWords.commonPracticeNoSourceWeigh()}</p>
      </details>
      <EntrySheet
        open={editing.open}
        onOpenChange={editing.onOpenChange}
        kind="format"
        record={record}
        what={seasonWords.theFrame()}
        title={record ? record.content.name : seasonWords.aFrameOfYourOwn()}
        description={seasonWords.areaInsideTheWoodAnd()}
        formOf={formOf}
        parse={(form) => formatEntry.read(form, preferences)}
      >
        <Fields of={formatEntry} at={['name', 'areaDm2', 'frameTareKg', 'boxTareKg']} />
      </EntrySheet>
    </SheetSection>
  );
}
