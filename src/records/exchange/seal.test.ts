import { createHash } from 'node:crypto';
import { describe, expect, test } from '@jest/globals';
import { canonicalText, chainHead, digestChain, digestOf } from './digest';
import { recordFileOf, recordFileText } from './recordFile';
import { sampleLot } from '../test/sampleLot';
import { withoutSeal } from '../test/withoutSeal';
import { verifyFile } from './verifyFile';

const records = sampleLot();
const text = recordFileText(recordFileOf(records, '2026-08-02T10:00:00.000Z'));

describe('the chain of digests', () => {
  test('SHA-256 as the platform computes it; “abc” as in FIPS 180-4 (recalled from memory)', () => {
    expect(digestOf('abc')).toBe(
      'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad',
    );
    expect(digestOf('Honig ä €')).toBe(
      createHash('sha256').update('Honig ä €', 'utf8').digest('hex'),
    );
  });

  test('each link is the digest of the one before and the value', () => {
    const first = createHash('sha256').update('start').digest();
    const link = createHash('sha256').update(first).update('{"a":1}').digest('hex');
    expect(digestChain('start', [{ a: 1 }])).toEqual([link]);
    expect(chainHead('start', [])).toBe(digestOf('start'));
    expect(canonicalText({ b: 1, a: { d: [2], c: null } })).toBe('{"a":{"c":null,"d":[2]},"b":1}');
  });
});

describe('an exported file', () => {
  test('is whole as it was written', () => {
    expect(verifyFile(text).status).toBe('whole');
    expect(verifyFile(`${text}\n`).status).toBe('whole');
  });

  test('a change of any byte is found', () => {
    const passed: number[] = [];
    for (let at = 0; at < text.length; at += 1) {
      const other = text[at] === 'x' ? 'y' : 'x';
      const changed = `${text.slice(0, at)}${other}${text.slice(at + 1)}`;
      if (verifyFile(changed).status === 'whole') passed.push(at);
    }
    expect(passed).toEqual([]);
  }, 60_000);

  test('a digit turned into its neighbour, a byte taken out or put in is found', () => {
    for (let at = 0; at < text.length; at += 3) {
      const shifted = String.fromCharCode(text.charCodeAt(at) ^ 1);
      const changes = [
        `${text.slice(0, at)}${shifted}${text.slice(at + 1)}`,
        `${text.slice(0, at)}${text.slice(at + 1)}`,
        `${text.slice(0, at)} ${text.slice(at)}`,
      ];
      const same = changes.filter(
        (change) => verifyFile(change).status === 'whole' && change.trim() !== text,
      );
      expect(same).toEqual([]);
    }
  }, 60_000);

  test('a record taken out with its seal mended for the count is found', () => {
    const file = JSON.parse(text) as { records: unknown[]; seal: { records: number } };
    file.records.pop();
    file.seal.records -= 1;
    expect(verifyFile(recordFileText(file))).toMatchObject({ status: 'changed' });
  });

  test('without a seal it is readable and says so; more than it should hold is a change', () => {
    const file = withoutSeal(JSON.parse(text) as object);
    expect(verifyFile(recordFileText(file)).status).toBe('no-seal');
    const more = { ...(JSON.parse(text) as object), note: 'more' };
    expect(verifyFile(recordFileText(more)).status).toBe('changed');
    expect(verifyFile('no json').status).toBe('unreadable');
  });
});
