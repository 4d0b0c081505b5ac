/** A file as one that was written by hand: the seal would speak before anything else. */
export const withoutSeal = <T extends object>(file: T): Omit<T, 'seal'> =>
  Object.fromEntries(Object.entries(file).filter(([name]) => name !== 'seal')) as Omit<T, 'seal'>;
