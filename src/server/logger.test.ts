import { describe, expect, test } from '@jest/globals';
import { createServerApp } from './app';

describe('the simulated logger', () => {
  test('streams temperature and humidity on a clock that goes forward', async () => {
    const app = createServerApp({ clientFolder: 'src', demo: false });
    const response = await app.request('/api/logger/stream');
    expect(response.headers.get('content-type')).toContain('text/event-stream');
    const reader = response.body!.getReader();
    let text = '';
    while (text.split('\n\n').length < 4) {
      text += new TextDecoder().decode((await reader.read()).value);
    }
    await reader.cancel();
    const [first, second, third] = text.split('\n\n');
    expect(first).toMatch(/^data: 2\d\.\d C (4|5)\d\.\d % 0 min$/);
    expect(second).toMatch(/ 5 min$/);
    expect(third).toMatch(/ 10 min$/);
  });
});
