import { describe, expect, test } from '@jest/globals';
import { ruleOnLot } from '../../../../core';
import { contentsOf, evidenceFrom, knownFor, lotHeat } from '../../../../model';
import { DEFAULT_PREFERENCES, type Preferences } from '../../../../records';
import { demoLedger } from '../../../../../demo/demoLedger';
import { demoSeason } from '../../../../../demo/season';
import { tell } from '../../../words/tell';
import type { PaperBlock, PaperContent } from '../../../pdf/content';
import { dossierContent } from './dossierContent';

const NOW_MS = Date.parse('2026-11-24T12:00:00.000Z');
const ledger = demoLedger(demoSeason('2026-11-24', NOW_MS), NOW_MS);
const lots = ledger.files.map((file) => [file.lot.content.name, file] as const);
const AMERICAN: Preferences = { ...DEFAULT_PREFERENCES, temperatureUnit: 'F', massUnit: 'lb' };

function dossierOf(name: string, preferences = DEFAULT_PREFERENCES) {
  const file = ledger.files.find((lotFile) => lotFile.lot.content.name === name)!;
  const contents = contentsOf(file);
  const evidence = evidenceFrom(contents, knownFor(ledger, { lotId: file.lot.entityId, contents }));
  const ruling = ruleOnLot(evidence);
  const content = dossierContent({
    file,
    answer: { evidence, ruling },
    meters: ledger.meters,
    preferences,
    heat: lotHeat(file, ledger.related.rooms, NOW_MS),
    parents: [],
    demo: true,
    parties: { producer: 'H. Hand, Boathouse', buyer: '' },
  });
  return { file, ruling, content };
}

const wordsOf = (block: PaperBlock): string[] => {
  switch (block.as) {
    case 'text':
      return [block.text];
    case 'list':
      return [...block.items];
    case 'table':
      return [...block.head, ...block.rows.flat()];
  }
};
const wordsIn = ({ head, parts }: PaperContent, title?: string): string =>
  [
    ...(title === undefined
      ? [head.over, head.title, head.facts, head.decision, head.statement]
      : []),
    ...parts
      .filter((part) => title === undefined || part.title.startsWith(title))
      .flatMap((part) => [part.title, ...part.blocks.flatMap(wordsOf)]),
  ].join('\n');

describe('who hands it over', () => {
  test('is named, and who takes it signs on a line', () => {
    const said = wordsIn(dossierOf('Borage, east field').content, 'Handed over');
    expect(said).toMatch(/Producer\s+H\. Hand, Boathouse\s+…+\s+Buyer\s+…+\s+…+/);
  });
});

describe('every dossier of the demo season', () => {
  test.each(lots.map(([name]) => name))('%s: evidence, reasons, cautions, signature', (name) => {
    const { file, ruling, content } = dossierOf(name);
    const all = wordsIn(content);
    expect(content.head.title).toBe(`${name}, lot ${file.lot.content.code}`);
    expect(content.head.over).toContain('everything made up');
    for (const { sentence } of ruling.findings)
      expect(wordsIn(content, 'Reasons')).toContain(tell(sentence, DEFAULT_PREFERENCES));
    const cautions = wordsIn(content, 'Please note');
    expect(cautions).toContain('No honey for infants under 12 months.');
    expect(cautions).toContain('an inspector or a licensed laboratory decides');
    expect(cautions).toMatch(/Not tested: .*residues/);
    expect(cautions).toMatch(/Check the honey again by \d+ \w+ \d{4}/);
    expect(all).not.toMatch(/undefined|NaN|null|\[object/);
    expect(content.parts.every((part) => part.blocks.length > 0)).toBe(true);
    const readings = content.parts
      .flatMap((part) => part.blocks)
      .find((paperBlock) => paperBlock.as === 'table' && paperBlock.label === 'Readings');
    const rows = readings?.as === 'table' ? readings.rows.length : 0;
    expect(rows).toBe(file.readings.length);
  });

  test('tables fit their page: shares add up to one, rows have the columns of their head', () => {
    for (const [name] of lots) {
      const tables = dossierOf(name)
        .content.parts.flatMap((part) => part.blocks)
        .filter((paperBlock) => paperBlock.as === 'table');
      for (const { label, head, rows, shares } of tables) {
        expect([label, shares.reduce((sum, share) => sum + share, 0)]).toEqual([
          label,
          expect.closeTo(1, 9),
        ]);
        for (const row of rows) expect(row).toHaveLength(head.length);
        expect(shares).toHaveLength(head.length);
      }
    }
  });
});

describe('what a dossier says of its figure', () => {
  test('measured: method, budget that adds up to the whole variance, and k', () => {
    const { content, ruling } = dossierOf('Borage, east field');
    const method = wordsIn(content, 'Method and uncertainty');
    expect(method).toContain('AOAC 969.38');
    expect(method).toContain('Karl Fischer titration may differ');
    const { coverageFactor } = ruling.belief.measured!.uncertainty;
    expect(method).toContain(`k = ${coverageFactor.toFixed(2)}`);
    const budget = content.parts
      .flatMap((part) => part.blocks)
      .find((paperBlock) => paperBlock.as === 'table' && paperBlock.label === 'Uncertainty budget');
    const rows = budget?.as === 'table' ? budget.rows : [];
    const percent = rows.reduce((sum, row) => sum + Number.parseFloat(row[2]!), 0);
    expect(Math.abs(percent - 100)).toBeLessThanOrEqual(rows.length / 2);
    const squares = rows.reduce((sum, row) => sum + Number.parseFloat(row[1]!) ** 2, 0);
    expect(Math.sqrt(squares)).toBeCloseTo(ruling.belief.measured!.uncertainty.standard, 2);
  });

  test('by the comb alone: no statement of conformity', () => {
    const { content } = dossierOf('Sea lavender, outer marsh');
    expect(content.head.statement).toMatch(/^Moisture not measured; expected/);
    expect(wordsIn(content, 'Method')).toContain('It is not a statement of conformity.');
    expect(wordsIn(content, 'Evidence')).toContain('No readings.');
    expect(wordsIn(content, 'Please note')).toMatch(/Not tested: moisture, yeast count/);
  });

  test('what cannot be accepted lists every way, open or closed, with its reason', () => {
    const { content, ruling } = dossierOf('Marsh, after the rain');
    const ways = content.parts.find((part) => part.title === 'What can be done with it');
    const [list] = ways?.blocks ?? [];
    expect(list?.as === 'list' && list.items).toHaveLength(ruling.ways.length);
    expect(wordsIn(content, 'What can be done')).toMatch(/: closed\. /);
    expect(dossierOf('Borage, east field').content.parts.map((part) => part.title)).not.toContain(
      'What can be done with it',
    );
  });

  test('what a zero check takes off or adds is given as such', () => {
    expect(wordsIn(dossierOf('Borage, east field').content, 'Evidence')).toContain(
      'Wide-range digital meter, zero checked, 0.04 points added for it',
    );
    expect(wordsIn(dossierOf('Bean field, second day').content, 'Evidence')).toContain(
      'House hand refractometer, zero checked, 0.14 points taken off for it',
    );
  });

  test('signed and unsigned', () => {
    expect(wordsIn(dossierOf('Borage, east field').content, 'Signature')).toMatch(/signed HH/);
    expect(wordsIn(dossierOf('Sea lavender, twenty buckets').content, 'Signature')).toContain(
      'Not signed yet.',
    );
  });

  test('units are the reader’s own; moisture never changes with them', () => {
    const european = dossierOf('Borage, east field').content;
    const american = dossierOf('Borage, east field', AMERICAN).content;
    expect(wordsIn(american, 'Evidence')).toMatch(/°F/);
    expect(wordsIn(american, 'Evidence')).toMatch(/ lb/);
    // the index is stated at 20 °C by definition
    const own = wordsIn(american, 'Evidence').replace('nD at 20 °C', '');
    expect(own).not.toMatch(/°C| kg/);
    expect(american.head.statement).toBe(european.head.statement);
  });
});
