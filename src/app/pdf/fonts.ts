import regularUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import boldUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';

/** The letters of the application, as files for paper. */
export interface PaperFonts {
  readonly regular: ArrayBuffer;
  readonly bold: ArrayBuffer;
}

async function bytesOf(url: string): Promise<ArrayBuffer> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`the letters could not be loaded: ${response.status}`);
  return response.arrayBuffer();
}

/** Loads the letters that ship with the application. */
export async function loadPaperFonts(): Promise<PaperFonts> {
  const [regular, bold] = await Promise.all([bytesOf(regularUrl), bytesOf(boldUrl)]);
  return { regular, bold };
}
