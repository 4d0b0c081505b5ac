import { useState } from 'react';
import type { RecordKind } from '../../../records';
import {
  noticeShown,
  recordsOfKind,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { isoDay } from '../../format/dates';
import { tableCsv } from '../../format/tableCsv';
import { saveFile } from '../../ui/saveFile';
import { kindsWords } from '../../words/english/kinds';
import { kitWords } from '../../words/english/kit';

/** The table that was picked, and saving it for a spreadsheet. */
export function useTableExport() {
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
  return { kind, setKind, save };
}
