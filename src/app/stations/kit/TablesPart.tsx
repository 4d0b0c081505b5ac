import { useTableExport } from './useTableExport';
import { Download } from 'lucide-react';
import { type ReactElement } from 'react';
import { RECORD_KINDS, type RecordKind } from '../../../records';
import { Button } from '../../ui/Button';
import { useSaving } from '../../ui/forms/useSaving';
import { kitWords } from '../../words/english/kit';
import { kindsWords } from '../../words/english/kinds';

/** Any table as CSV, for a spreadsheet. */
export function TablesPart(): ReactElement {
  const { kind, setKind, save, saveAll } = useTableExport();
  const saving = useSaving();
  return (
    <div className="mt-6 flex flex-wrap items-end gap-3">
      <label className="text-base font-semibold">
        {kitWords.oneTableForASpreadsheet()}
        <select
          className="mt-1 block min-h-11 w-full max-w-sm border-2 border-ink bg-paper px-3 text-lg font-normal"
          value={kind}
          onChange={(event) => setKind(event.target.value as RecordKind)}
        >
          {RECORD_KINDS.map((recordKind) => (
            <option key={recordKind} value={recordKind}>
              {kindsWords[recordKind]()}
            </option>
          ))}
        </select>
      </label>
      <Button onClick={() => void save()}>
        <Download aria-hidden className="size-5" /> {kitWords.saveAsCsv()}
      </Button>
      <Button onClick={() => saving(saveAll)}>
        <Download aria-hidden className="size-5" /> {kitWords.allTables()}
      </Button>
    </div>
  );
}
