/** Class lists that several parts share; all targets are at least 44 px high. */
export const BUTTON_BASE =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-sm px-4 py-2 text-base font-semibold leading-tight disabled:opacity-50';

export const BUTTON_TONES = {
  ink: 'bg-ink text-linen hover:bg-ink-soft',
  lavender: 'bg-lavender text-linen hover:bg-ink',
  line: 'border-2 border-ink bg-paper text-ink hover:bg-lavender-pale',
  quiet: 'text-lavender underline decoration-2 underline-offset-4 hover:text-ink',
  onInk: 'border-2 border-linen text-linen hover:bg-ink-soft',
} as const;

export type ButtonTone = keyof typeof BUTTON_TONES;

export const INPUT =
  'min-h-12 w-full rounded-none border-0 border-b-2 border-ink bg-paper px-3 py-2 text-lg text-ink placeholder:text-thread-deep aria-invalid:border-b-4 aria-invalid:border-dashed';
