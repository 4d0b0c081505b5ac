import { Chart as ChartJs } from 'chart.js';

/** Colours of every chart, as the style sheet has them. */
export const CHART_INK = '#18233a';
export const CHART_LAVENDER = '#574488';
export const CHART_LAVENDER_PALE = 'rgba(87, 68, 136, 0.18)';
export const CHART_THREAD = '#cfc5b2';

ChartJs.defaults.font.family = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
ChartJs.defaults.font.size = 14;
ChartJs.defaults.color = CHART_INK;
