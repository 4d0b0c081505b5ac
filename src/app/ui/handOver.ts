import { saveFile } from './saveFile';

const TYPES = { json: 'application/json', zip: 'application/zip' } as const;

/** What browsers share is text or pictures: a file of records is text, by its name as well. */
const sharedAs = (name: string, form: keyof typeof TYPES, blob: Blob): File =>
  form === 'json'
    ? new File([blob], `${name}.txt`, { type: 'text/plain' })
    : new File([blob], `${name}.zip`, { type: TYPES.zip });

const isPhone = (): boolean => window.matchMedia('(pointer: coarse)').matches;

/**
 * Gives a file away: on a phone by its share sheet, where it takes the file, else as a download.
 *
 * @returns false where the share sheet was closed without a choice
 */
export async function handOver(
  name: string,
  form: keyof typeof TYPES,
  blob: Blob,
): Promise<boolean> {
  const { canShare, share } = navigator as Partial<Navigator>;
  const files = [sharedAs(name, form, blob)];
  if (isPhone() && share && canShare?.call(navigator, { files })) {
    try {
      await share.call(navigator, { files });
      return true;
    } catch (error) {
      if (error instanceof DOMException && error.name === 'AbortError') return false;
      // made so slowly that the tap counts no longer, or refused: it is saved instead
    }
  }
  saveFile(`${name}.${form}`, blob, TYPES[form]);
  return true;
}
