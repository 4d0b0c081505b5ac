import { Download } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { RECORD_KINDS, type RecordKind } from '../../../records';
import {
  noticeShown,
  recordsOfKind,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { isoDay } from '../../format/dates';
import { tableCsv } from '../../format/tableCsv';
import { Button } from '../../ui/Button';
import { saveFile } from '../../ui/saveFile';
import { kitWords } from '../../words/english/kit';
import { kindsWords } from '../../words/english/kinds';

/** Any table as CSV, for a spreadsheet. */
export function TablesPart(): ReactElement {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const [kind, setKind] = useState<RecordKind>('reading');
  const save = async (): Promise<void> => {
    const records = await dispatch(recordsOfKind(kind));
    if (records.length === 0) {
      dispatch(
        noticeShown({
          text: kitWords.thereIsNothingToSave({ name: kindsWords[kind]() }),
          tone: 'info',
        }),
      );
      return;
    }
    saveFile(
      `ripenum-${workspace}-${kind}-${isoDay(new Date())}.csv`,
      tableCsv(records),
      'text/csv',
    );
  };
  return (
    <div className="mt-6 flex flex-wrap items-end gap-3">
      <label className="text-base font-semibold">
        {kitWords.oneTableForASpreadsheet()}
        <select
          className="mt-1 block min-h-11 border-2 border-ink bg-paper px-3 text-lg font-normal"
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
    </div>
  );
}
