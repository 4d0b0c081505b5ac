import type { PaperContent } from './content';
import { drawRule, type PaperRule } from './drawRule';
import type { PaperFonts } from './fonts';
import type { MadePdf } from './typeface';
import { INK, Paper } from './paper';
import { drawQr, lotQrText } from './qr';
import { writeHead, writeParts } from './writeContent';
import { commonWords } from '../words/english/common';
import { dossierWords } from '../words/english/dossier';

/** What shows that a dossier is whole, and who stands for it. */
export interface DossierSeal {
  /** over every revision of the lot */
  readonly digest: string;
  /** the signature of a device in words; null where there is none */
  readonly signed: string | null;
}

/** What stands on a dossier besides its words. */
export interface DossierMarks extends DossierSeal {
  readonly code: string;
  readonly printedAt: string;
  readonly rule: PaperRule;
}

const QR_SIDE = 96;

/** The lot's code and digest as words and as a code to be scanned. */
function writeSeal(paper: Paper, { code, digest, signed }: DossierMarks): void {
  paper.heading(dossierWords.seal());
  const { page, bottom } = paper.room(QR_SIDE + 6, 6);
  const text = lotQrText(code, digest);
  drawQr(page, text, { x: paper.left + 6, y: bottom, side: QR_SIDE, color: INK });
  const lines = [
    commonWords.lot({ code }),
    `SHA-256 ${digest.slice(0, 32)}`,
    digest.slice(32),
    dossierWords.coversEveryRecordBehindThis(),
    dossierWords.toVerifySaveTheRecords(),
    signed ?? dossierWords.showsNotWho(),
  ];
  lines.forEach((line, at) => {
    const font = at === 0 ? paper.bold : paper.regular;
    const y = bottom + QR_SIDE - 14 - at * 14;
    font.draw(page, line, { x: paper.left + QR_SIDE + 24, y, size: 9, color: INK });
  });
}

/** A dossier as a PDF: its words, the moisture rule as vectors, the seal, page numbers. */
export async function dossierPdf(
  content: PaperContent,
  marks: DossierMarks,
  fonts: PaperFonts,
): Promise<MadePdf> {
  const { head, parts } = content;
  const paper = await Paper.create(fonts, dossierWords.dossier({ title: head.title }));
  writeHead(paper, head);
  drawRule(paper, marks.rule);
  writeParts(paper, parts);
  writeSeal(paper, marks);
  return paper.finish(
    dossierWords.lotPrinted({
      code: marks.code,
      printedAt: marks.printedAt,
      digest: marks.digest.slice(0, 16),
    }),
  );
}
