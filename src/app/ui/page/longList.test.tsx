import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { Fold } from './Fold';
import { LongList } from './LongList';

afterEach(cleanup);

const lots = (count: number): string[] =>
  Array.from({ length: count }, (_, at) => `lot ${String(at + 1).padStart(3, '0')} clover`);

function draw(count: number): void {
  render(
    <LongList items={lots(count)} find="Find a lot" textsOf={(name) => [name]}>
      {(shown) => (
        <ul>
          {shown.map((name) => (
            <li key={name}>{name}</li>
          ))}
        </ul>
      )}
    </LongList>,
  );
}

const rows = (): string[] => screen.queryAllByRole('listitem').map((row) => row.textContent ?? '');
const find = (text: string): void =>
  void fireEvent.change(screen.getByRole('searchbox'), { target: { value: text } });

describe('a list that may be long', () => {
  test('is shown whole where it is short, with nothing to look for', () => {
    draw(30);
    expect(rows()).toHaveLength(30);
    expect(screen.queryByRole('searchbox')).toBeNull();
    expect(screen.queryByRole('button')).toBeNull();
  });

  test('begins with its first rows, and a press gives more until all are there', () => {
    draw(140);
    expect(rows()).toEqual(lots(140).slice(0, 30));
    fireEvent.click(screen.getByRole('button', { name: 'Show 100 more of 110' }));
    expect(rows()).toHaveLength(130);
    fireEvent.click(screen.getByRole('button', { name: 'Show 10 more of 10' }));
    expect(rows()).toEqual(lots(140));
    expect(screen.queryByRole('button')).toBeNull();
  });

  test('finds what is far down by the beginning of its words, in any order', () => {
    draw(140);
    find('clo 139');
    expect(rows()).toEqual(['lot 139 clover']);
    find('139x');
    expect(rows()).toEqual([]);
    expect(screen.getByRole('status').textContent).toBe('Nothing of that name');
    find('');
    expect(rows()).toHaveLength(30);
  });
});

test('a fold draws nothing before it is opened', () => {
  render(
    <Fold summary="Measured (6)">
      <p>six lots</p>
    </Fold>,
  );
  expect(screen.queryByText('six lots')).toBeNull();
  const fold = screen.getByText('Measured (6)').closest('details')!;
  fold.open = true;
  fireEvent(fold, new Event('toggle'));
  expect(screen.queryByText('six lots')).not.toBeNull();
});
