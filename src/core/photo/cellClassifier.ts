import { FEATURE_COUNT, PHOTO_CLASSES, type PhotoClass } from './photoClasses';

const { exp, log, max } = Math;

/** Multinomial logistic regression over figures and their squares. */
export interface CellModel {
  /** of each figure, from the pictures that it learned from */
  readonly means: readonly number[];
  readonly spreads: readonly number[];
  /** for each class: a weight of each input, and of one */
  readonly weights: readonly (readonly number[])[];
}

/** Chances of a cell, one a class. */
export type Chances = Readonly<Record<PhotoClass, number>>;

/** Furthest that a figure counts, in spreads: what lies beyond was never seen. */
const FURTHEST = 4;

/** Figures as the model wants them: within what was seen, with their squares, and a one. */
export function inputsOf(figures: readonly number[], model: CellModel): number[] {
  const inputs: number[] = [];
  for (let at = 0; at < FEATURE_COUNT; at += 1) {
    const raw = (figures[at]! - model.means[at]!) / model.spreads[at]!;
    inputs.push(Math.min(FURTHEST, max(-FURTHEST, raw)));
  }
  const squares = inputs.map((input) => input * input - 1);
  return [...inputs, ...squares, 1];
}

/** Chances from scores that may be any number. */
export function softmax(scores: readonly number[]): number[] {
  const most = Math.max(...scores);
  const powers = scores.map((score) => exp(score - most));
  const sum = powers.reduce((total, power) => total + power, 0);
  return powers.map((power) => power / sum);
}

/** How far figures lie from all that was learned from: 1 as it was there, more where it is stranger. */
export function strangeness(figures: readonly number[], model: CellModel): number {
  const inputs = inputsOf(figures, model).slice(0, FEATURE_COUNT);
  return inputs.reduce((sum, input) => sum + input * input, 0) / FEATURE_COUNT;
}

/** Scores of each class for inputs. */
export const scoresOf = (inputs: readonly number[], weights: CellModel['weights']): number[] =>
  weights.map((own) => own.reduce((sum, weight, at) => sum + weight * inputs[at]!, 0));

/** Chances in the order of the classes, by name. */
export const chancesFrom = (found: readonly number[]): Chances =>
  Object.fromEntries(PHOTO_CLASSES.map((name, at) => [name, found[at] ?? 0])) as Chances;

/** What a cell is by its own look: chances in the order of the classes. */
export const chancesByLook = (figures: readonly number[], model: CellModel): number[] =>
  softmax(scoresOf(inputsOf(figures, model), model.weights));

/** The likeliest class. */
export const likeliest = (chances: Chances): PhotoClass =>
  PHOTO_CLASSES.reduce((a, b) => (chances[b] > chances[a] ? b : a));

/** A cell of which is known what it is. */
export interface KnownCell {
  readonly figures: readonly number[];
  readonly is: PhotoClass;
}

interface Learning {
  /** how firmly the weights are held where they were */
  readonly hold: number;
  readonly rounds: number;
}

/**
 * Weights moved towards known cells, held by what they were (a Gaussian prior around them).
 *
 * @source maximum a posteriori by gradient with momentum, recalled from memory
 */
export function learned(
  model: CellModel,
  cells: readonly KnownCell[],
  { hold, rounds }: Learning,
): CellModel {
  if (cells.length === 0) return model;
  const inputs = cells.map(({ figures }) => inputsOf(figures, model));
  const classes = cells.map(({ is }) => PHOTO_CLASSES.indexOf(is));
  const weights = model.weights.map((own) => [...own]);
  const speed = weights.map((own) => own.map(() => 0));
  const rate = 2 / (cells.length / 4 + hold);
  for (let round = 0; round < rounds; round += 1) {
    const slope = weights.map((own, of) =>
      own.map((weight, at) => hold * (weight - model.weights[of]![at]!)),
    );
    inputs.forEach((input, cell) => {
      const found = softmax(scoresOf(input, weights));
      found.forEach((chance, of) => {
        const error = chance - (of === classes[cell] ? 1 : 0);
        const own = slope[of]!;
        for (let at = 0; at < input.length; at += 1) own[at]! += error * input[at]!;
      });
    });
    weights.forEach((own, of) =>
      own.forEach((weight, at) => {
        const faster = 0.8 * speed[of]![at]! - (rate / 10) * slope[of]![at]!;
        speed[of]![at] = faster;
        own[at] = weight + faster;
      }),
    );
  }
  return { ...model, weights };
}

/** How unsure chances are: 0 sure, 1 nothing known. @source Shannon's entropy over that of equal chances */
export const unsureness = (chances: readonly number[]): number =>
  -chances.reduce((sum, chance) => sum + chance * log(max(1e-9, chance)), 0) / log(chances.length);
