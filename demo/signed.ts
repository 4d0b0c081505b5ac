import { ruleOnLot } from '../src/core';
import {
  contentsOf,
  evidenceFrom,
  evidenceIdsOf,
  lotFileOf,
  signedRulingContent,
  type Meters,
} from '../src/model';
import { DEFAULT_PREFERENCES, type AnyRecord, type RulingContent } from '../src/records';
import { inWordsOf } from '../src/app/words/tell';

const SIGNED_IN = inWordsOf(DEFAULT_PREFERENCES);

/** The ruling on a lot of the demo as somebody signed it on its day. */
export function signedDemo(
  records: readonly AnyRecord[],
  initials: string,
  meters: Meters,
): RulingContent {
  const file = lotFileOf(records);
  if (!file) throw new Error('a demo lot has no lot record');
  const evidence = evidenceFrom(contentsOf(file), { meters });
  const ruling = ruleOnLot(evidence);
  const signature = { outcome: ruling.outcome, initials, overrideReason: '', remark: '' };
  const evidenceIds = evidenceIdsOf(file, meters);
  return signedRulingContent(signature, { evidence, ruling, evidenceIds }, SIGNED_IN);
}
