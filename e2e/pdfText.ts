import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The words of a PDF, read back by another library than the one that wrote it. */
export async function pdfText(pdf: Buffer): Promise<{ pages: number; text: string }> {
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  const texts: string[] = [];
  for (let at = 1; at <= document.numPages; at += 1) {
    const content = await (await document.getPage(at)).getTextContent();
    texts.push(content.items.map((item) => ('str' in item ? item.str : '')).join(' '));
  }
  return { pages: document.numPages, text: texts.join(' ').replaceAll(/\s+/g, ' ') };
}
