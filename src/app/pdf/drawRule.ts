import { rgb, type PDFPage } from '@cantoo/pdf-lib';
import { IN_DANGER_FROM_PERCENT, FERMENTATION_CLASSES, type Estimate } from '../../core';
import {
  alongRule,
  hillPath,
  RULE_FROM_PERCENT,
  RULE_TO_PERCENT,
  RULE_UNITS,
} from '../ui/charts/ruleScale';
import { INK, LAVENDER, THREAD, type Paper } from './paper';
import { dossierWords } from '../words/english/dossier';

const HILL = 46;
/** What stands on a moisture rule on paper. */
export interface PaperRule {
  readonly belief: Estimate;
  readonly limitPercent: number;
  readonly targetPercent: number;
  /** [%], with the half width of each */
  readonly readings: readonly { readonly percent: number; readonly plusMinus: number }[];
}

type Spot = readonly [number, number];
const spot = ([x, y]: Spot): { x: number; y: number } => ({ x, y });

function hill(
  page: PDFPage,
  rule: PaperRule,
  at: { x: number; base: number; width: number },
): void {
  const scale = at.width / RULE_UNITS;
  const parts = [
    { from: RULE_FROM_PERCENT, to: rule.limitPercent, color: THREAD },
    { from: rule.limitPercent, to: RULE_TO_PERCENT, color: LAVENDER },
  ];
  for (const { from, to, color } of parts) {
    const path = hillPath(rule.belief, from, to, HILL / scale);
    if (path !== '') page.drawSvgPath(path, { x: at.x, y: at.base + HILL, scale, color });
  }
}

/** The moisture rule as vectors: the same scale, bands, hill and marks as on the screen. */
export function drawRule(paper: Paper, rule: PaperRule): void {
  const height = HILL + 62 + 10 * Math.min(3, rule.readings.length);
  const { page, bottom } = paper.room(height, 8);
  const { left: x, width } = paper;
  const base = bottom + height - HILL - 14;
  const at = (percent: number): number => x + width * alongRule(percent);
  const line = (from: Spot, to: Spot, thickness: number): void =>
    page.drawLine({ start: spot(from), end: spot(to), thickness, color: INK });
  hill(page, rule, { x, base, width });
  line([x, base], [x + width, base], 1.6);
  for (let percent = RULE_FROM_PERCENT; percent <= RULE_TO_PERCENT; percent += 1) {
    line([at(percent), base], [at(percent), base - 8], 1.2);
    const label = String(percent);
    paper.bold.draw(page, label, {
      x: at(percent) - 2.6 * label.length,
      y: base - 18,
      size: 9,
      color: INK,
    });
  }
  const safe = FERMENTATION_CLASSES[0].upToPercent;
  page.drawRectangle({
    x,
    y: base - 34,
    width: at(safe) - x,
    height: 11,
    borderColor: INK,
    borderWidth: 0.8,
    color: rgb(1, 1, 1),
  });
  paper.regular.draw(page, dossierWords.keeps(), { x: x + 4, y: base - 31, size: 8, color: INK });
  page.drawRectangle({
    x: at(IN_DANGER_FROM_PERCENT),
    y: base - 34,
    width: x + width - at(IN_DANGER_FROM_PERCENT),
    height: 11,
    borderColor: INK,
    borderWidth: 0.8,
    color: THREAD,
  });
  paper.regular.draw(page, dossierWords.ferments(), {
    x: at(IN_DANGER_FROM_PERCENT) + 4,
    y: base - 31,
    size: 8,
    color: INK,
  });
  line([at(rule.limitPercent), base - 8], [at(rule.limitPercent), base + HILL + 6], 2.4);
  paper.bold.draw(page, dossierWords.limit({ limitPercent: rule.limitPercent.toFixed(1) }), {
    x: at(rule.limitPercent) + 4,
    y: base + HILL,
    size: 9,
    color: INK,
  });
  if (rule.targetPercent < rule.limitPercent) {
    page.drawLine({
      start: { x: at(rule.targetPercent), y: base - 8 },
      end: { x: at(rule.targetPercent), y: base + HILL + 6 },
      thickness: 1.2,
      color: INK,
      dashArray: [4, 3],
    });
    const label = dossierWords.target({ targetPercent: rule.targetPercent.toFixed(1) });
    paper.bold.draw(page, label, {
      x: at(rule.targetPercent) - 4 - paper.bold.width(label, 9),
      y: base + HILL,
      size: 9,
      color: INK,
    });
  }
  rule.readings.forEach(({ percent, plusMinus }, index) => {
    const y = base - 42 - 10 * (index % 3);
    line([at(percent - plusMinus), y], [at(percent + plusMinus), y], 1);
    line([at(percent), y - 3.5], [at(percent), y + 3.5], 2.2);
  });
}
