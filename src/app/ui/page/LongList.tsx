import { useState, type ReactElement, type ReactNode } from 'react';
import { holdsWords } from '../../format/finding';
import { sharedWords } from '../../words/english/shared';
import { Button } from '../Button';
import { INPUT } from '../classes';

/** Rows that are drawn at first, and with each further press: more would make a small phone wait. */
const AT_FIRST = 30;
const AT_A_PRESS = 100;

interface LongListProps<T> {
  items: readonly T[];
  /** what the field that looks for one is called; none where the page has one */
  find?: string;
  /** the texts by which an item is found */
  textsOf?: (item: T) => readonly string[];
  /** draws those that are to be seen */
  children: (shown: readonly T[]) => ReactNode;
}

/** A list that may have grown long over the years: its beginning, a search, and more of it at a press. */
export function LongList<T>(props: LongListProps<T>): ReactElement {
  const { items, find, textsOf = () => [], children } = props;
  const [wanted, setWanted] = useState('');
  const [count, setCount] = useState(AT_FIRST);
  if (items.length <= AT_FIRST) return <>{children(items)}</>;
  const found = items.filter((item) => holdsWords(textsOf(item), wanted));
  const left = found.length - count;
  return (
    <>
      {find !== undefined && (
        <input
          type="search"
          aria-label={find}
          placeholder={find}
          className={`${INPUT} mt-2 block max-w-md`}
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
        />
      )}
      {found.length === 0 ? (
        <p role="status" className="mt-2 text-lg">
          {sharedWords.nothingOfThatName()}
        </p>
      ) : (
        children(found.slice(0, count))
      )}
      {left > 0 && (
        <Button className="mt-2" onClick={() => setCount(count + AT_A_PRESS)}>
          {sharedWords.showMore({ more: Math.min(left, AT_A_PRESS), left })}
        </Button>
      )}
    </>
  );
}
