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
    const [{ tableSheets }, { strToU8, zipSync }] = await Promise.all([
      import('../../format/tableSheets'),
      import('fflate'),
    ]);
    const sheets = tableSheets(records, preferences);
    // a spreadsheet knows by this mark that letters are UTF-8
    const files = sheets.map(({ name, csv }) => [name, strToU8(`\uFEFF${csv}`)] as const);
    const zip = zipSync(Object.fromEntries(files));
    saveFile(`ripenum-${workspace}-tables-${isoToday()}.zip`, new Blob([zip]));
    const text = kitWords.allTablesSaved({ tables: sheets.length });
    dispatch(noticeShown({ text, tone: 'info' }));
  };
  return { kind, setKind, save, saveAll };
}
