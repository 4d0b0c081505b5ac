import { RELEASE_USES, type Release, type ReleaseUse } from '../../records';
import type { FormReader } from '../forms/parsed';
import type { Gate } from './gate';

/** Why honey leaves without an accepted and signed ruling, as it is typed. */
export interface ReleaseForm {
  /** empty: not said */
  use: ReleaseUse | '';
  because: string;
}

export const NO_RELEASE: ReleaseForm = { use: '', because: '' };

export const releaseFormOf = (release: Release | undefined): ReleaseForm =>
  release ? { use: release.use, because: release.reason } : NO_RELEASE;

/** Where a trouble of the kept reason stands in the form. */
export const releaseField = (path: string): string =>
  path.startsWith('release') ? 'because' : path;

/** What honey at this gate may be let out for. */
export const usesAt = (gate: Gate): readonly ReleaseUse[] =>
  RELEASE_USES.filter((one) => one !== 'bakers' || (gate.status === 'reason' && gate.asBakers));

/**
 * The reason to keep with the jars, where one is needed; a shut gate lets nothing through.
 *
 * @param field - where a refusal is said
 */
export function readRelease(
  form: ReleaseForm,
  gate: Gate,
  { reader, field }: { readonly reader: FormReader; readonly field: string },
): { release?: Release } {
  if (gate.status === 'open') return {};
  if (gate.status === 'shut') {
    reader.fail(field, `${gate.why} ${gate.wayOut}`);
    return {};
  }
  const { use } = form;
  if (use === '' || !usesAt(gate).includes(use)) {
    reader.fail('use', 'Say what it is for.');
    return {};
  }
  const { outcome, signed } = gate;
  return { release: { outcome, signed, use, reason: form.because } };
}
