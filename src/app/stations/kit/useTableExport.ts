import { useState } from 'react';
import { RECORD_KINDS, type AnyRecord, type RecordKind } from '../../../records';
import {
  noticeShown,
  recordsOfKind,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { isoToday } from '../../format/dates';
import { tableCsv } from '../../format/tableCsv';
import { saveFile } from '../../ui/saveFile';
import { kindsWords } from '../../words/english/kinds';
import { kitWords } from '../../words/english/kit';

/** The table that was picked, and saving it for a spreadsheet. */
export function useTableExport() {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
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
    saveFile(`ripenum-${workspace}-${kind}-${isoToday()}.csv`, tableCsv(records), 'text/csv');
  };
  const saveAll = async (): Promise<void> => {
    const records: AnyRecord[] = [];
    for (const each of RECORD_KINDS) records.push(...(await dispatch(recordsOfKind(each))));
    const [{ tableSheets }, { BlobWriter, TextReader, ZipWriter, configure }] = await Promise.all([
      import('../../format/tableSheets'),
      import('@zip.js/zip.js'),
    ]);
    // the page's policy allows no worker made of text
    configure({ useWebWorkers: false });
    const sheets = tableSheets(records, preferences);
    const zip = new ZipWriter(new BlobWriter('application/zip'));
    // a spreadsheet knows by this mark that letters are UTF-8
    for (const { name, csv } of sheets) await zip.add(name, new TextReader(`\uFEFF${csv}`));
    saveFile(`ripenum-${workspace}-tables-${isoToday()}.zip`, await zip.close());
    const text = kitWords.allTablesSaved({ tables: sheets.length });
    dispatch(noticeShown({ text, tone: 'info' }));
  };
  return { kind, setKind, save, saveAll };
}
