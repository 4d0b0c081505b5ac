/** A line of the palette. */
export const PALETTE_ITEM =
  'flex min-h-12 cursor-pointer items-center justify-between gap-4 px-4 text-lg data-[selected=true]:bg-ink data-[selected=true]:text-linen';
