import { afterEach, expect, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import type { Blend } from '../../../records';
import { countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { sampleStore } from '../../../records/test/sampleStore';
import { createStore } from '../../../store';
import { PourLine } from './parts/PourLine';

afterEach(cleanup);

const [lot, container] = sampleLot();
const blend = sampleStore(countingScribe('pours'), {
  lotId: lot!.entityId,
  containerId: container!.entityId,
}).find((record): record is Blend => record.kind === 'blend')!;
const line = blend.content.tanks[0]!.pours[0]!;

test('a block that comes while a spill is being typed stops it, and what was typed is not lost', () => {
  const store = createStore();
  const lineWith = (barred: string | null) => (
    <Provider store={store}>
      <ul>
        <PourLine blend={blend} tank={0} pour={{ line, pour: 0, tick: null, barred }} />
      </ul>
    </Provider>
  );
  const { rerender } = render(lineWith(null));
  fireEvent.click(screen.getByRole('button', { name: /^Some was spilled/ }));
  fireEvent.change(screen.getByRole('textbox'), { target: { value: '1.2' } });
  rerender(lineWith('it foams'));
  expect(screen.queryByRole('textbox')).toBeNull();
  expect(screen.queryByRole('button')).toBeNull();
  expect(screen.getByRole('note').textContent).toContain('it foams');
  rerender(lineWith(null));
  expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('1.2');
});
