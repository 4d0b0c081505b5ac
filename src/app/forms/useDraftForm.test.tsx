import { afterEach, expect, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useFormContext } from 'react-hook-form';
import { Provider } from 'react-redux';
import { createStore } from '../../store';
import { FormFrame } from '../ui/forms/FormFrame';
import { useDraftForm } from './useDraftForm';

afterEach(cleanup);

const Name = () => <input aria-label="Name" {...useFormContext().register('name')} />;

function Probe() {
  const { frame } = useDraftForm({
    formKey: 'probe',
    defaults: { name: '' },
    parse: ({ name }: { name: string }) => {
      if (name === 'boom') throw new Error('nobody thought of that');
      return { ok: true as const, content: name };
    },
  });
  return (
    <FormFrame {...frame} onSubmit={() => undefined} label="Probe">
      <Name />
    </FormFrame>
  );
}

test('a form that cannot read what was typed keeps it, also when opened anew, stands, and says so', () => {
  const store = createStore();
  const draw = (): void =>
    void render(
      <Provider store={store}>
        <Probe />
      </Provider>,
    );
  draw();
  let field = screen.getByLabelText('Name');
  const type = (value: string): void => void fireEvent.change(field, { target: { value } });
  type('boo');
  expect(screen.queryByRole('alert')).toBeNull();
  type('boom');
  expect(screen.getByRole('alert').textContent).toContain('nothing you typed is lost');
  expect((field as HTMLInputElement).value).toBe('boom');
  cleanup();
  draw();
  field = screen.getByLabelText('Name');
  expect((field as HTMLInputElement).value).toBe('boom');
  expect(screen.getByRole('alert').textContent).toContain('cannot be read');
  type('bo');
  expect(screen.queryByRole('alert')).toBeNull();
});
