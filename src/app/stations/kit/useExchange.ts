import { useState } from 'react';
import type { FileForm } from '../../../db/files/exportFile';
import type { AppError } from '../../../records';
import type { ImportSummary } from '../../../workers/recordFileProtocol';
import { useSaveCopy } from '../../data/useSaveCopy';
import { useFileWork } from '../../ui/page/FileWork';
import { isClean, useBringIn } from './useBringIn';

/** Whether a file only adds: then there is nothing to decide. */
const onlyAdds = (summary: ImportSummary): boolean =>
  isClean(summary) && summary.replaced.count + summary.removed.count + summary.returned === 0;

/** Everything out as one file, or a file in: at once where it only adds, asking where it changes. */
export function useExchange() {
  const [error, setError] = useState<AppError | null>(null);
  const work = useFileWork();
  const { asked, bringIn } = useBringIn(work, onlyAdds);

  const saveCopy = useSaveCopy(work);
  const exportAll = async (form: FileForm): Promise<void> => {
    setError(null);
    setError(await saveCopy(form));
  };
  const importFile = async (file: File): Promise<void> => {
    setError(null);
    setError(await bringIn(file.name, file));
  };
  return { work, error, asked, exportAll, importFile };
}
