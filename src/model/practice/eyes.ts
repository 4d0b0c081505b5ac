import { COMB_KINDS, knownEye, type CombKind, type CombLook, type KnownEye } from '../../core';
import type { PracticeLook } from '../../records';

const byTime = (a: PracticeLook, b: PracticeLook): number =>
  Date.parse(a.content.at) - Date.parse(b.content.at);

/** What one reader practised of a drill, oldest first. */
export function practised(
  looks: readonly PracticeLook[],
  reader: string,
  drill: PracticeLook['content']['drill'],
): PracticeLook[] {
  return looks
    .filter(({ content }) => content.reader === reader && content.drill === drill)
    .sort(byTime);
}

const isKind = (of: string): of is CombKind => (COMB_KINDS as readonly string[]).includes(of);

/** Looks of one reader at drawn combs, oldest first. */
export function combLooks(looks: readonly PracticeLook[], reader: string): CombLook[] {
  return practised(looks, reader, 'capping').flatMap(({ content: { of, answered, truth } }) =>
    isKind(of) ? [{ kind: of, answered, truth }] : [],
  );
}

/** What is known of a reader's eye; null where nobody is named or too few looks were made. */
export function eyeOfReader(looks: readonly PracticeLook[], reader: string): KnownEye | null {
  return reader === '' ? null : knownEye(combLooks(looks, reader));
}

/** All who practised on this device or came with a file, in the order of the alphabet. */
export function practiceReaders(looks: readonly PracticeLook[]): string[] {
  const names = new Set(looks.map(({ content }) => content.reader));
  return [...names].filter((name) => name !== '').sort((a, b) => a.localeCompare(b));
}
