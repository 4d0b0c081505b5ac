import { RELEASE_USES, type Release, type ReleaseUse } from '../../records';
import type { FormOf } from '../entry/codec';
import { oneOf, words } from '../entry/codecs';
import type { Reader } from '../entry/reader';
import type { Gate } from './gate';
import { rulingWords } from '../words/english/ruling';

/** Why honey leaves without an accepted and signed ruling; empty use: not said. */
export const releaseFields = {
  use: oneOf<ReleaseUse | ''>(rulingWords.useItAnyway(), '', { as: 'choice' }),
  because: words(rulingWords.why(), { hint: rulingWords.staysWithTheJars() }),
};
export type ReleaseForm = FormOf<typeof releaseFields>;

/** What of a kept reason stands in a form. */
export const releaseValues = (release: Release | undefined): ReleaseForm =>
  release ? { use: release.use, because: release.reason } : { use: '', because: '' };

/** Where a trouble of the kept reason stands in the form. */
export const releasePlace = (path: string): string =>
  path.startsWith('release') ? 'because' : path;

/** What honey at this gate may be let out for. */
export const usesAt = (gate: Gate): readonly ReleaseUse[] =>
  RELEASE_USES.filter(
    (releaseUse) => releaseUse !== 'bakers' || (gate.status === 'reason' && gate.asBakers),
  );

/**
 * The reason to keep with the jars, where one is needed; a shut gate lets nothing through.
 *
 * @param field - where a refusal is said
 */
export function readRelease(
  { use, because }: ReleaseForm,
  gate: Gate,
  { reader, field }: { readonly reader: Reader; readonly field: string },
): { release?: Release } {
  if (gate.status === 'open') return {};
  if (gate.status === 'shut') {
    reader.at(field).fail(`${gate.why} ${gate.wayOut}`);
    return {};
  }
  if (use === '' || !usesAt(gate).includes(use)) {
    reader.at('use').fail(rulingWords.whatIsItFor());
    return {};
  }
  const { outcome, signed } = gate;
  return { release: { outcome, signed, use, reason: because } };
}
