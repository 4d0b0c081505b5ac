/** The middle value; of an even number the mean of both. NaN where there is none. @source a definition */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  const upper = sorted[middle] ?? NaN;
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] ?? NaN) + upper) / 2;
}

/** A line y = at + slope × x. */
export interface RobustLine {
  readonly at: number;
  readonly slope: number;
}

/**
 * A line that a few points far off do not draw away: the median of the slopes of all pairs.
 *
 * @param points - at least two with different x
 * @source Theil (1950) and Sen (1968), recalled from memory
 */
export function robustLine(
  points: readonly { readonly x: number; readonly y: number }[],
): RobustLine {
  const slopes = points.flatMap((a, at) =>
    points.slice(at + 1).map((b) => (b.y - a.y) / (b.x - a.x)),
  );
  const slope = median(slopes);
  return { slope, at: median(points.map(({ x, y }) => y - slope * x)) };
}
