import { useState } from 'react';
import { noticeShown, useAppDispatch } from '../../store';
import { saveFile } from '../ui/saveFile';
import type { PaperFonts } from './fonts';
import type { MadePdf } from './typeface';
import { dossierWords } from '../words/english/dossier';

interface PdfFile extends MadePdf {
  readonly name: string;
}

/** What is said of signs that the PDF could not write. */
const missingWords = (missing: readonly string[]): string =>
  dossierWords.theseCharactersCannotBePrinted({ missing: missing.join(' ') });

/**
 * Makes a PDF and hands it over as a file; the letters are loaded when they are first wanted.
 *
 * @param cannot - what is said where it cannot be made
 * @returns `save` tells whether it went well: the file is made and says all that it should
 */
export function usePdfFile(cannot: string): {
  readonly busy: boolean;
  readonly save: (make: (fonts: PaperFonts) => Promise<PdfFile>) => Promise<boolean>;
} {
  const dispatch = useAppDispatch();
  const [busy, setBusy] = useState(false);
  const save = async (make: (fonts: PaperFonts) => Promise<PdfFile>): Promise<boolean> => {
    setBusy(true);
    try {
      const { loadPaperFonts } = await import('./fonts');
      const { name, bytes, missing } = await make(await loadPaperFonts());
      saveFile(name, bytes, 'application/pdf');
      if (missing.length === 0) return true;
      dispatch(noticeShown({ text: missingWords(missing), tone: 'refused' }));
      return false;
    } catch (error) {
      if (error instanceof DOMException && error.name === 'AbortError') return false;
      dispatch(noticeShown({ text: cannot, tone: 'refused' }));
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { busy, save };
}
