import { useSearchParams } from 'react-router';

/** What the address asks a page to open at once, by its name; and the way to have it asked no longer. */
export function useAsked(name: string): readonly [string | null, () => void] {
  const [asked, setAsked] = useSearchParams();
  const done = (): void => {
    setAsked(
      (before) => {
        before.delete(name);
        return before;
      },
      { replace: true },
    );
  };
  return [asked.get(name), done];
}
