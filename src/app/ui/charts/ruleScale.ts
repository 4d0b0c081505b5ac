/** Ends of the moisture rule [% water]; the same on every screen. */
export const RULE_FROM_PERCENT = 13;
export const RULE_TO_PERCENT = 25;

/** Width of drawings inside the rule, in their own units. */
export const RULE_UNITS = 1200;

/** Where a moisture lies along the rule, 0..1; what lies beyond is held at the end. */
export function alongRule(percent: number): number {
  const share = (percent - RULE_FROM_PERCENT) / (RULE_TO_PERCENT - RULE_FROM_PERCENT);
  return Math.min(1, Math.max(0, share));
}

/** The same as a CSS length. */
export const rulePosition = (percent: number): string =>
  `${(alongRule(percent) * 100).toFixed(3)}%`;

/** Length of a stretch of the rule as a CSS length. */
export const ruleWidth = (fromPercent: number, toPercent: number): string =>
  `${((alongRule(toPercent) - alongRule(fromPercent)) * 100).toFixed(3)}%`;

const HILL_POINTS = 160;

interface Hill {
  readonly mean: number;
  readonly standardUncertainty: number;
}

/**
 * Outline of what the moisture may be: a normal density over a stretch of the rule, scaled so that
 * its top has the full height. Empty where the stretch is.
 */
export function hillPath(
  hill: Hill,
  fromPercent: number,
  toPercent: number,
  height: number,
): string {
  const from = Math.max(fromPercent, RULE_FROM_PERCENT);
  const to = Math.min(toPercent, RULE_TO_PERCENT);
  if (to <= from) return '';
  const points = Array.from({ length: HILL_POINTS + 1 }, (_, at) => {
    const percent = from + ((to - from) * at) / HILL_POINTS;
    const z = (percent - hill.mean) / Math.max(hill.standardUncertainty, 0.02);
    const y = height * (1 - Math.exp(-0.5 * z * z));
    return `${(alongRule(percent) * RULE_UNITS).toFixed(1)} ${y.toFixed(2)}`;
  });
  const start = (alongRule(from) * RULE_UNITS).toFixed(1);
  const end = (alongRule(to) * RULE_UNITS).toFixed(1);
  return `M${start} ${height} L${points.join(' L')} L${end} ${height} Z`;
}
