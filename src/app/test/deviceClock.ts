const Running = Date;

/** The clock of the device, which can be made to stand still at a moment. */
export class DeviceClock {
  setFixedTime(moment: Date): void {
    const now = moment.getTime();
    globalThis.Date = new Proxy(Running, {
      construct: (made, given: unknown[]) =>
        Reflect.construct(made, given.length === 0 ? [now] : given) as Date,
      get: (made, name) => (name === 'now' ? () => now : (Reflect.get(made, name) as unknown)),
    });
  }

  /** It runs again, and says what it is. */
  end(): void {
    globalThis.Date = Running;
  }
}
