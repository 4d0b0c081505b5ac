/**
 * Suites in processes that share their modules. The library tells a process what it works with when the first of
 * them asks, all at once: one that does not listen yet misses it, is never told again, and the run stands still
 * for ever. Here each process that asks is told. (Seen in 0.7; from 0.8 on, its pools cannot be reached like this.)
 */
import { createRunner } from 'jest-light-runner';

const ASKED = 'jest-light-runner-get-worker-data';

/** A channel on which every question is answered, as the first one is on the library's own. */
function answering(channel) {
  const listeners = new Set();
  let answer;
  channel.onMessage((message) => {
    answer = message;
  });
  return {
    onMessage: (listener) => listeners.add(listener),
    postMessage(message) {
      if (message !== ASKED) return;
      if (answer === undefined) channel.postMessage(message);
      for (const listener of listeners) listener(answer);
    },
  };
}

/** The pools of processes, by project. */
class Pools extends Map {
  set(project, runner) {
    const { pool } = runner;
    const run = pool.run.bind(pool);
    let channel;
    pool.run = (path, options) => {
      if (!options?.channel) return run(path, options);
      channel ??= answering(options.channel);
      return run(path, { ...options, channel });
    };
    return super.set(project, runner);
  }
}

export default class SharedModules extends createRunner({ runtime: 'child_process' }) {
  _testRunners = new Pools();
}
