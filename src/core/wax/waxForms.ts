/** What happens to wax. */
export const WAX_ACTS = ['gathered', 'melted', 'made', 'gone'] as const;
export type WaxAct = (typeof WAX_ACTS)[number];

/** What wax is, from what comes off the comb to what is made of it. */
export const WAX_FORMS = [
  'cappings',
  'burr-comb',
  'old-comb',
  'raw-wax',
  'block',
  'foundation',
  'salve',
  'candles',
] as const;
export type WaxForm = (typeof WAX_FORMS)[number];

/** Frames by their comb. */
export const COMB_STATES = ['drawn', 'half-drawn', 'bare', 'to-melt'] as const;
export type CombState = (typeof COMB_STATES)[number];
