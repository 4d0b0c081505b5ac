import { describe, expect, test } from '@jest/globals';
import { lotEvidence } from '../test/lotEvidence';
import { NO_CIRCUMSTANCES } from './circumstances';
import { moistureOfPieces, rulePieces, type Piece } from './pieces';
import { inEnglish } from '../test/inEnglish';

const piece = (change: Partial<Piece> = {}): Piece => ({
  id: 'p',
  label: 'Piece',
  cappedShare: 1,
  weeping: false,
  foreign: false,
  measured: null,
  ...change,
});
const outcomes = (pieces: readonly Piece[], evidence = lotEvidence()) =>
  rulePieces(pieces, evidence).map((rulePiece) => rulePiece.outcome);

describe('comb honey, piece by piece', () => {
  test('untested moisture is said, and is no conformity', () => {
    const [one] = rulePieces([piece()], lotEvidence());
    expect(one?.outcome).toBe('conditions');
    expect(inEnglish(one?.sentence)).toContain('moisture untested');
  });

  test('a sacrificed piece speaks for the whole ones, with what pieces differ by', () => {
    const at = (mean: number) =>
      outcomes([piece({ measured: { mean, standardUncertainty: 0.2 } }), piece()]);
    expect(at(17)).toEqual(['used-up', 'accept']);
    expect(at(19.6)).toEqual(['used-up', 'measure']);
    expect(at(22)).toEqual(['used-up', 'dry']);
    const more = [17, 17.2, 16.8].map((mean) =>
      piece({ measured: { mean, standardUncertainty: 0.2 } }),
    );
    expect(moistureOfPieces(more)!.standardUncertainty).toBeLessThan(
      moistureOfPieces(more.slice(0, 1))!.standardUncertainty,
    );
    expect(moistureOfPieces([piece()])).toBeNull();
  });

  test('one piece does not condemn another; what blocks the lot blocks all', () => {
    expect(
      outcomes([
        piece({ weeping: true }),
        piece({ cappedShare: 0.89 }),
        piece({ cappedShare: 0.9 }),
        piece({ foreign: true }),
      ]),
    ).toEqual(['divert', 'divert', 'conditions', 'divert']);
    const blocked = lotEvidence({ circumstances: { ...NO_CIRCUMSTANCES, residues: ['drug'] } });
    expect(outcomes([piece(), piece({ weeping: true })], blocked)).toEqual(['reject', 'reject']);
    expect(outcomes([piece()], lotEvidence({ signs: ['gas'] }))).toEqual(['divert']);
  });
});
