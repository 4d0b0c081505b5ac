import { useSearchParams } from 'react-router';
import { selectPreferences, useAppSelector } from '../../../store';

/** Who practises: as the address says, else who has this device; and the way to hand the device on. */
export function useReader() {
  const { initials } = useAppSelector(selectPreferences);
  const [search, setSearch] = useSearchParams();
  const reader = search.get('who') ?? initials;
  return {
    reader,
    initials,
    /** keeps who looks when one goes on to a drill */
    query: reader === initials ? '' : `?who=${encodeURIComponent(reader)}`,
    setReader: (typed: string): void => {
      const name = typed.trim();
      setSearch(name === initials ? {} : { who: name });
    },
  };
}

/** Seed of something to look at that nobody saw before. */
export const freshSeed = (): number => Math.floor(Math.random() * 1e9);
