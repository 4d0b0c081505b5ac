/** A test environment in which a test can say where it is: `setTimeZone('Europe/Berlin')`. */
import { TestEnvironment } from 'jest-environment-node';

export default class ZoneEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    this.home = process.env.TZ;
    // the test’s own `process` is a copy; only the real one moves the clock
    this.global.setTimeZone = (zone) => {
      process.env.TZ = zone;
    };
  }

  async teardown() {
    if (this.home === undefined) delete process.env.TZ;
    else process.env.TZ = this.home;
    await super.teardown();
  }
}
