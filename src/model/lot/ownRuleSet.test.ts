import { describe, expect, test } from '@jest/globals';
import { RULE_SETS, ruleOnLot, ruleSetOf } from '../../core';
import { bookOf } from '../day/book';
import { evidenceFrom, contentsOf } from './lotEvidence';
import { lotFilesOf } from './lotFile';
import {
  coreRuleSet,
  ownRuleSetContentSchema,
  type OwnRuleSetContent,
} from '../../records/hives/ownRuleSet';
import { firstRevision, nextRevision } from '../../records/revise';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { SAMPLE_RULE_SET } from '../../records/test/sampleStore';
import { NO_METERS } from './meters';

const trouble = (change: Partial<OwnRuleSetContent>): string[] => {
  const parsed = ownRuleSetContentSchema.safeParse({ ...SAMPLE_RULE_SET, ...change });
  return parsed.success ? [] : parsed.error.issues.map((issue) => issue.path.join('.'));
};

describe('a rule set of one’s own', () => {
  test('limits lie within the table of the refractometer, and both of a baker’s grade are there', () => {
    expect(trouble({})).toEqual([]);
    expect(trouble({ ordinaryPercent: 13, heatherPercent: 13 })).toEqual([]);
    expect(trouble({ ordinaryPercent: 12.9 })).toEqual(['ordinaryPercent']);
    expect(trouble({ heatherPercent: 25.1 })).toContain('heatherPercent');
    expect(trouble({ bakersHeatherPercent: null })).toEqual(['bakersOrdinaryPercent']);
    expect(trouble({ bakersOrdinaryPercent: null, bakersHeatherPercent: null })).toEqual([]);
    expect(trouble({ bakersOrdinaryPercent: 17 })).toEqual(['bakersOrdinaryPercent']);
    expect(trouble({ name: ' ', edition: '' })).toEqual(['name', 'edition']);
  });

  test('stands beside the shipped ones; removed, it still rules the lots under it', () => {
    const scribe = countingScribe('rules');
    const own = firstRevision(scribe, 'rule-set', SAMPLE_RULE_SET);
    const kept = bookOf([own]);
    expect(kept.ruleSets).toHaveLength(RULE_SETS.length + 1);
    expect(kept.ownRuleSets).toEqual([own]);
    const gone = bookOf([
      own,
      nextRevision(scribe, own, { withdrawn: true, reason: 'No longer theirs' }),
    ]);
    expect(gone.ownRuleSets).toEqual([]);
    expect(ruleSetOf(own.entityId, gone.ruleSets)).toMatchObject({
      name: 'Ferry label',
      moistureLimitPercent: { ordinary: 17.5, heather: 21 },
      bakersLimitPercent: { ordinary: 20, heather: 23 },
      status: 'own',
    });
    expect(ruleSetOf('never heard of', gone.ruleSets).id).toBe('eu-2001-110');
  });

  test('without a baker’s grade the core knows of none', () => {
    const bare = { ...SAMPLE_RULE_SET, bakersOrdinaryPercent: null, bakersHeatherPercent: null };
    expect(coreRuleSet('own', bare)).not.toHaveProperty('bakersLimitPercent');
  });

  test('a lot under it is ruled by its limit', () => {
    const file = lotFilesOf(sampleLot())[0]!;
    const contents = contentsOf(file);
    const scribe = countingScribe('rules');
    const strict = { ...SAMPLE_RULE_SET, ordinaryPercent: 13, heatherPercent: 13 };
    const own = firstRevision(scribe, 'rule-set', strict);
    const lot = { ...contents.lot, ruleSetId: own.entityId };
    const { ruleSets } = bookOf([own]);
    const under = evidenceFrom({ ...contents, lot }, { meters: NO_METERS, ruleSets });
    expect(under.ruleSet.name).toBe('Ferry label');
    const ruling = ruleOnLot(under);
    expect(ruling.limitPercent).toBe(13);
    expect(ruling.outcome).not.toBe('accept');
    expect(ruleOnLot(evidenceFrom(contents, { meters: NO_METERS })).limitPercent).toBe(20);
  });
});
