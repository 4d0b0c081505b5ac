/** @jest-environment <rootDir>/scripts/jest/pageEnvironment.mjs */
import { readdirSync } from 'node:fs';
import { expect, jest, test } from '@jest/globals';
import { render } from '@testing-library/react';
import { Provider } from 'react-redux';
import { RouterProvider, createMemoryRouter } from 'react-router';
import { OUTCOMES } from '../src/core';
import { createStore } from '../src/store';
import { Gallery } from './Gallery';

/** Parts that stand inside others, or need a page of the application around them: why they have no piece. */
const WITHIN: Readonly<Record<string, string>> = {
  Controlled: 'draws nothing of its own',
  BackCloses: 'shows nothing; it stands in every sheet',
  CorrectSheet: 'a sheet with fields and a reason',
  EntrySheet: 'a sheet with fields',
  ErrorOf: 'the message of a field',
  FieldMessage: 'within every field',
  Hint: 'within every field',
  FormFrame: 'around every field here',
  RadioItem: 'within the choice',
  RivalSheet: 'needs two tabs that disagree',
  RuleHatch: 'within the moisture rule',
  RuleHill: 'within the moisture rule',
  RuleReadings: 'within the moisture rule',
  ScatterChart: 'drawn on a canvas, with each chart of the application',
  StationError: 'the failed page, for the router',
  SupersededNotice: 'needs a newer version in another tab',
  UpdateNotice: 'needs a newer version on the server',
  lazyPart: 'waits for code',
};

const components = (): string[] =>
  ['', 'charts/', 'comb/', 'fields/', 'forms/', 'page/'].flatMap((room) =>
    readdirSync(`src/app/ui/${room}`)
      .filter((file) => file.endsWith('.tsx') && !file.includes('.test.'))
      .map((file) => file.replace('.tsx', '')),
  );

test('every shared part and every outcome is shown, and none complains but those that fail on purpose', () => {
  const complaints = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const router = createMemoryRouter([{ path: '*', Component: Gallery }]);
  const { container } = render(
    <Provider store={createStore()}>
      <RouterProvider router={router} />
    </Provider>,
  );
  const shown = [...container.querySelectorAll('section[id]')].map(({ id }) => id);
  for (const outcome of OUTCOMES) expect(shown).toContain(`AnswerSlab ${outcome}`);
  expect(components().filter((name) => !shown.includes(name) && !(name in WITHIN))).toEqual([]);
  expect(Object.keys(WITHIN).filter((name) => !components().includes(name))).toEqual([]);
  const said = complaints.mock.calls.map((call) => call.map(String).join(' '));
  expect(said.filter((line) => !line.includes('a part that cannot be drawn'))).toEqual([]);
});
