/** @jest-environment <rootDir>/scripts/jest/pageEnvironment.mjs */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { StoragePart } from './StoragePart';

const settled = (): Promise<void> =>
  act(() => new Promise<void>((resolve) => setTimeout(resolve, 0)));

/** Draws the part in a browser that says this of its storage. */
async function draw(storage: object | undefined): Promise<void> {
  Object.defineProperty(navigator, 'storage', { value: storage, configurable: true });
  render(<StoragePart />);
  await settled();
}

const shown = (): string => (document.body.textContent ?? '').replaceAll('\u00a0', ' ');

afterEach(() => {
  cleanup();
  Object.defineProperty(navigator, 'storage', { value: undefined, configurable: true });
});

describe('where the records are', () => {
  test('says whether they stay, what they take, and what is free', async () => {
    const estimate = () => Promise.resolve({ usage: 3_240_000, quota: 41_003_240_000 });
    await draw({ persisted: () => Promise.resolve(true), estimate });
    expect(shown()).toContain('keeps the records until you delete them');
    expect(shown()).toContain('They take 3.2 MB. There is room for 41 GB more.');
    expect(screen.queryByRole('button')).toBeNull();
  });

  test('the browser is asked, and what it agreed to is said', async () => {
    let kept = false;
    const persist = jest.fn(() => Promise.resolve((kept = true)));
    await draw({ persisted: () => Promise.resolve(kept), persist });
    expect(shown()).toContain('may clear the records');
    fireEvent.click(screen.getByRole('button', { name: 'Ask it to keep them' }));
    await settled();
    expect(persist).toHaveBeenCalledTimes(1);
    expect(shown()).toContain('keeps the records until you delete them');
    expect(screen.queryByRole('status')).toBeNull();
  });

  test('where it does not agree, there is a way out', async () => {
    await draw({
      persisted: () => Promise.resolve(false),
      persist: () => Promise.reject(new Error('no')),
    });
    fireEvent.click(screen.getByRole('button'));
    await settled();
    expect(screen.getByRole('status').textContent).toContain('Save a copy after each day');
    expect(shown()).toContain('may clear the records');
  });

  test('where it says nothing, nothing is made up', async () => {
    await draw(undefined);
    expect(shown()).toBe('This browser does not say whether it keeps the records for good.');
    cleanup();
    const refuses = () => Promise.reject(new Error('private'));
    await draw({ persisted: refuses, estimate: refuses });
    expect(shown()).toBe('This browser does not say whether it keeps the records for good.');
  });
});
