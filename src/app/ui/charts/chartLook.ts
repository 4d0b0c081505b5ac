import { Chart as ChartJs } from 'chart.js';

/** A colour as the style sheet has it now; a chart asks again each time it is drawn. */
const colour = (name: string) => (): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`);

/** Colours of every chart. */
export const CHART_INK = colour('ink');
export const CHART_PAPER = colour('paper');
export const CHART_LAVENDER = colour('lavender');
export const CHART_LAVENDER_PALE = colour('band');
export const CHART_THREAD = colour('thread');

ChartJs.defaults.font.family = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
ChartJs.defaults.font.size = 14;
ChartJs.defaults.color = CHART_INK;
