import regularUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import boldUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import regularExtUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import boldExtUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import regularWideUrl from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf?url';
import boldWideUrl from 'dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf?url';

/**
 * The letters for paper, as files: the application's own first, then those that have what it lacks
 * (Greek, Cyrillic, signs of mathematics).
 */
export interface PaperFonts {
  readonly regular: readonly ArrayBuffer[];
  readonly bold: readonly ArrayBuffer[];
}

async function bytesOf(url: string): Promise<ArrayBuffer> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`the letters could not be loaded: ${response.status}`);
  return response.arrayBuffer();
}

/** Loads the letters that ship with the application. */
export async function loadPaperFonts(): Promise<PaperFonts> {
  const [regular, bold] = await Promise.all([
    Promise.all([regularUrl, regularExtUrl, regularWideUrl].map(bytesOf)),
    Promise.all([boldUrl, boldExtUrl, boldWideUrl].map(bytesOf)),
  ]);
  return { regular, bold };
}
