import { clockNow } from '../../../../store/clock';
import { subDays, startOfDay } from 'date-fns';
import { useRef, useState } from 'react';
import { RowReading, rowOf, type RowSoFar } from '../../../../meeting';
import type { AppError } from '../../../../records';
import { selectWorkspace, useAppSelector } from '../../../../store';
import type { FileWorkState } from '../../../ui/page/FileWork';

/** A row of codes that is made of the last days. */
export type ShownRow =
  | { readonly at: 'shown'; readonly texts: readonly string[]; readonly records: number }
  | { readonly at: 'empty' }
  | { readonly at: 'too-large'; readonly bytes: number }
  | { readonly at: 'trouble'; readonly error: AppError };

/** Records of the last days as codes; none while nothing is asked for. */
export function useShownRow(work: FileWorkState) {
  const workspace = useAppSelector(selectWorkspace);
  const [row, setRow] = useState<ShownRow | null>(null);
  /** @param days - today alone is 1 */
  const show = async (days: number): Promise<void> => {
    setRow(null);
    const since = startOfDay(subDays(clockNow(), days - 1)).toISOString();
    const order = { form: 'json', part: { since, isLight: true } } as const;
    const written = await work.run((remote, tell) => remote.write(workspace, order, tell));
    work.close();
    if (!written) return;
    if (!written.ok) return setRow({ at: 'trouble', error: written.error });
    const { records, blob } = written.value;
    if (records === 0) return setRow({ at: 'empty' });
    const { texts, bytes } = await rowOf(blob);
    setRow(texts ? { at: 'shown', texts, records } : { at: 'too-large', bytes });
  };
  return { row, show: (days: number) => void show(days), hide: () => setRow(null) };
}

/** Collects a row that the camera sees, and hands it on once it is whole. */
export function useRowReading(onFile: (file: Blob) => Promise<void>) {
  const reading = useRef(new RowReading());
  const isDone = useRef(false);
  const [soFar, setSoFar] = useState<RowSoFar | null>(null);
  /** Takes what a code says; false where it is no code of a row. */
  const add = (text: string): boolean => {
    if (isDone.current) return true;
    if (!reading.current.add(text)) return false;
    const now = reading.current.soFar();
    setSoFar(now);
    if (now.missing.length > 0) return true;
    isDone.current = true;
    void reading.current
      .file()
      .then(onFile)
      // codes of two rows were mixed: they are read once more
      .catch(() => setSoFar(reading.current.soFar()))
      .finally(() => {
        isDone.current = false;
      });
    return true;
  };
  const begin = (): void => {
    reading.current = new RowReading();
    setSoFar(null);
  };
  return { soFar, add, begin };
}
