import { useState } from 'react';
import type { DigestHit, FileVerdict } from '../../../records';
import { useFileWork } from '../../ui/page/FileWork';

/** A file that was chosen, what is found of it, and the lots that it holds by digest. */
export function useVerifyController() {
  const [verdict, setVerdict] = useState<{ name: string; found: FileVerdict } | null>(null);
  const work = useFileWork();
  const verify = async (file: File): Promise<void> => {
    work.close();
    setVerdict(null);
    const found = await work.run((remote, onProgress) => remote.verify(file, onProgress));
    if (found) setVerdict({ name: file.name, found });
  };
  const status = verdict?.found.status;
  return {
    work,
    verdict,
    verify,
    /** a file that can be read holds lots to compare a dossier on paper with */
    hasLots: status === 'whole' || status === 'no-seal',
    lotOf: (digest: string): Promise<DigestHit | null> =>
      work.run((remote) => remote.checkDigest(digest)),
  };
}
