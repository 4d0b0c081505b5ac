import { useEffect, useState } from 'react';
import { databaseOf } from '../../../../db';
import { signedBy } from '../../../../db/deviceKey';
import type { AnyRecord } from '../../../../records';
import { checkSignature, type SignatureFound } from '../../../../records/exchange/signature';
import { noticeShown, selectWorkspace, useAppDispatch, useAppSelector } from '../../../../store';
import { formatDay } from '../../../format/dates';
import { dossierWords } from '../../../words/english/dossier';
import { signDossier } from '../lotActs';

/** What is found of the last signature of a lot; null where there is none that counts. */
function useFound(records: readonly AnyRecord[] | undefined, lotId: string): SignatureFound | null {
  const [found, setFound] = useState<SignatureFound | null>(null);
  useEffect(() => {
    let isLeft = false;
    const last = records?.findLast((row) => row.kind === 'signature' && row.ownerId === lotId);
    const checked =
      records && last?.kind === 'signature' ? checkSignature(records, last) : Promise.resolve(null);
    void checked.then((next) => !isLeft && setFound(next));
    return () => {
      isLeft = true;
    };
  }, [records, lotId]);
  return found;
}

function wordsOf({ status, print, signedAt, later }: SignatureFound): string {
  if (status !== 'genuine') return dossierWords.signatureDoesNotFit({ print });
  const day = formatDay(signedAt);
  return later > 0
    ? dossierWords.signedBefore({ print, day, later })
    : dossierWords.signedByDevice({ print, day });
}

interface SignatureOf {
  readonly lotId: string;
  readonly digest: string | null;
  readonly records: readonly AnyRecord[] | undefined;
  /** a decision was signed, so that there is something to stand for */
  readonly isRuled: boolean;
}

/** The signature of a device under a dossier, and the act that makes one. */
export function useSignature({ lotId, digest, records, isRuled }: SignatureOf) {
  const dispatch = useAppDispatch();
  const database = databaseOf(useAppSelector(selectWorkspace));
  const found = useFound(records, lotId);
  const isFresh = found?.status === 'genuine' && found.later === 0;
  const sign = async (): Promise<void> => {
    if (digest === null) return;
    try {
      const content = await signedBy(database, { lotId, digest });
      await dispatch(signDossier(content, lotId));
    } catch {
      dispatch(noticeShown({ text: dossierWords.cannotSignHere(), tone: 'refused' }));
    }
  };
  return {
    words: found ? wordsOf(found) : null,
    canSign: isRuled && digest !== null && !isFresh,
    sign: () => void sign(),
  };
}
