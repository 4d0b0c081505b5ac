import { useState } from 'react';
import { noticeShown, useAppDispatch } from '../../store';
import { saveFile } from '../ui/saveFile';
import type { PaperFonts } from './fonts';

interface PdfFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/**
 * Makes a PDF and hands it over as a file; the letters are loaded when they are first wanted.
 *
 * @param cannot - what is said where it cannot be made
 * @returns `save` tells whether it went well
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
      const { name, bytes } = await make(await loadPaperFonts());
      saveFile(name, bytes, 'application/pdf');
      return true;
    } catch {
      dispatch(noticeShown({ text: cannot, tone: 'refused' }));
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { busy, save };
}
