import type { SignatureFound } from '../../../records/exchange/signature';
import { useState } from 'react';
import type { DigestHit, FileVerdict } from '../../../records';
import { useFileWork } from '../../ui/page/FileWork';

/** What is said of a file. */
interface Verdict {
  readonly name: string;
  readonly found: FileVerdict;
  readonly signatures: readonly SignatureFound[];
}

const isReadable = ({ status }: FileVerdict): boolean => status === 'whole' || status === 'no-seal';

/** A file that was chosen, what is found of it, and the lots that it holds by digest. */
export function useVerifyController() {
  const [verdict, setVerdict] = useState<Verdict | null>(null);
  const work = useFileWork();
  const verify = async (file: File): Promise<void> => {
    work.close();
    setVerdict(null);
    const found = await work.run((remote, onProgress) => remote.verify(file, onProgress));
    if (!found) return;
    const signatures = isReadable(found) ? await work.run((remote) => remote.signatures()) : [];
    setVerdict({ name: file.name, found, signatures: signatures ?? [] });
  };
  return {
    work,
    verdict,
    verify,
    /** a file that can be read holds lots to compare a dossier on paper with */
    hasLots: verdict !== null && isReadable(verdict.found),
    lotOf: (digest: string): Promise<DigestHit | null> =>
      work.run((remote) => remote.checkDigest(digest)),
  };
}
