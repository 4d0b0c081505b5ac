import { clockNow } from '../../../store/clock';
import { useMemo } from 'react';
import { readingUncertainty } from '../../../core';
import { useInOrder } from '../../../db';
import { contentsOf, lotHeat, parentLots, type LotFile } from '../../../model';
import { CHAINED_KINDS, lotDigest } from '../../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../store';
import { useCommands } from '../../commands/useCommands';
import { formatMoment } from '../../format/dates';
import { useDraftText } from '../../forms/useDraftText';
import { useAnswer, type Answer } from '../../lot/useLot';
import type { PaperContent } from '../../pdf/content';
import { usePdfFile } from '../../pdf/usePdfFile';
import { useSignature } from './dossier/useSignature';
import type { DossierSeal } from '../../pdf/dossierPdf';
import { dossierContent } from './dossier/dossierContent';
import { useMeters, useRuledLots, useLedger } from '../../data/useWorkspaceModel';
import { rulingWords } from '../../words/english/ruling';

const CANNOT = rulingWords.thePdfCouldNotBe();

/** The dossier as a file; its maker is loaded when it is first wanted. */
function useDossierPdf(
  file: LotFile,
  { answer, content, seal }: { answer: Answer; content: PaperContent; seal: DossierSeal },
) {
  const { busy, save } = usePdfFile(CANNOT);
  const { code } = file.lot.content;
  const make = (): Promise<boolean> =>
    save(async (fonts) => {
      const { dossierPdf } = await import('../../pdf/dossierPdf');
      const { belief, limitPercent } = answer.ruling;
      const readings = answer.evidence.readings.map(({ moisturePercent, budget }) => ({
        percent: moisturePercent,
        plusMinus: readingUncertainty(budget).expanded,
      }));
      const rule = { belief, limitPercent, targetPercent: answer.evidence.targetPercent, readings };
      const printedAt = formatMoment(clockNow().toISOString());
      const made = await dossierPdf(content, { code, ...seal, printedAt, rule }, fonts);
      return { name: `ripenum-lot-${code}.pdf`, ...made };
    });
  return { busy, make: () => void make() };
}

/** The digest of a lot with all that it rests on; null while it is made. */
function useLotDigest(lotId: string) {
  const records = useInOrder(useAppSelector(selectWorkspace), CHAINED_KINDS);
  const digest = useMemo(() => (records ? lotDigest(records, lotId) : null), [records, lotId]);
  return { records, digest };
}

/** What the dossier of a lot says, its digest, and the ways to put it on paper. */
export function useDossierController(file: LotFile) {
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const meters = useMeters();
  const { related } = useLedger();
  const ruled = useRuledLots().ruled;
  const parents = useMemo(() => {
    const ids = parentLots(file.lot.entityId, related.poured);
    return ruled.filter(({ file: parent }) => ids.includes(parent.lot.entityId));
  }, [related, ruled, file]);
  const contents = useMemo(() => contentsOf(file), [file]);
  const answer = useAnswer(contents, file.lot.entityId);
  const heat = useMemo(() => lotHeat(file, related.rooms, related.nowMs), [file, related]);
  const demo = workspace === 'demo';
  const producer = useDraftText('dossier-producer');
  const buyer = useDraftText(`dossier-buyer:${file.lot.entityId}`);
  const content = dossierContent({
    ...{ file, answer, meters, preferences, heat, parents, demo },
    parties: { producer: producer.text, buyer: buyer.text },
  });
  const lotId = file.lot.entityId;
  const { records, digest } = useLotDigest(lotId);
  const signature = useSignature({ lotId, digest, records, isRuled: file.ruling !== null });
  const seal = { digest: digest ?? '', signed: signature.words };
  const pdf = useDossierPdf(file, { answer, content, seal });
  const print = (): void => window.print();
  useCommands([
    { id: 'print', title: rulingWords.printTheDossier(), key: 'p', run: print },
    { id: 'pdf', title: rulingWords.saveTheDossierAsPdf(), key: 'f', run: pdf.make },
  ]);
  return {
    file,
    answer,
    content,
    digest,
    signature,
    pdf,
    print,
    producer,
    buyer,
    back: `/${workspace}/lots/${file.lot.entityId}`,
  };
}
