import type { PaperContent } from './content';
import type { PaperFonts } from './fonts';
import type { MadePdf } from './typeface';
import { Paper } from './paper';
import { writeHead, writeParts } from './writeContent';

/** A sheet of words and tables as a PDF, with page numbers and a line of text under every page. */
export async function sheetPdf(
  content: PaperContent,
  footer: string,
  fonts: PaperFonts,
): Promise<MadePdf> {
  const paper = await Paper.create(fonts, content.head.title);
  writeHead(paper, content.head);
  writeParts(paper, content.parts);
  return paper.finish(footer);
}
