/** @jest-environment <rootDir>/scripts/jest/pageEnvironment.mjs */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import { createStore, noticeShown } from '../../../store';
import { say } from '../../../core';
import { NoticeLine } from './NoticeLine';

beforeEach(() => void jest.useFakeTimers());
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

const NOT_KEPT = say('errors.choicesNotKept');

const pass = (ms: number): void => act(() => void jest.advanceTimersByTime(ms));

function shown(tone: 'info' | 'refused', isBefore = false): void {
  const store = createStore();
  const give = (): void => void store.dispatch(noticeShown({ text: NOT_KEPT, tone }));
  if (isBefore) give();
  render(
    <Provider store={store}>
      <NoticeLine />
    </Provider>,
  );
  if (!isBefore) act(give);
}

const line = (): HTMLElement | null => screen.queryByText(/could not be saved/);

describe('a notice', () => {
  test('goes by itself after a while', () => {
    shown('info');
    expect(line()).not.toBeNull();
    pass(5_900);
    expect(line()).not.toBeNull();
    pass(200);
    expect(line()).toBeNull();
  });

  test('that was given while the page was opening is shown', () => {
    shown('refused', true);
    expect(line()).not.toBeNull();
  });

  test('stays while somebody points at it', () => {
    shown('info');
    fireEvent.pointerEnter(line()!);
    pass(60_000);
    expect(line()).not.toBeNull();
    fireEvent.pointerLeave(line()!);
    pass(6_100);
    expect(line()).toBeNull();
  });

  test('of something refused stays until it was read', () => {
    shown('refused');
    pass(600_000);
    expect(line()).not.toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'OK' }));
    expect(line()).toBeNull();
  });
});
