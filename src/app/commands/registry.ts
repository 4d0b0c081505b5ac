/** Something the user can do by key or from the palette. */
export interface Command {
  readonly id: string;
  readonly title: string;
  /** single key, as it arrives in `KeyboardEvent.key`; none for palette-only commands */
  readonly key?: string;
  run(): void;
}

/** The commands that the screens now in sight offer. */
export class CommandRegistry {
  private sets = new Map<string, readonly Command[]>();
  private all: readonly Command[] = [];
  private readonly listeners = new Set<() => void>();

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): readonly Command[] => this.all;

  offer(setId: string, commands: readonly Command[]): void {
    this.sets.set(setId, commands);
    this.changed();
  }

  withdraw(setId: string): void {
    this.sets.delete(setId);
    this.changed();
  }

  private changed(): void {
    this.all = [...this.sets.values()].flat();
    this.listeners.forEach((listener) => listener());
  }
}
