import { createContext, useContext, useEffect, useId, useRef, useSyncExternalStore } from 'react';
import { CommandRegistry, type Command } from './registry';

export const CommandContext = createContext(new CommandRegistry());

/** Offers commands for as long as the caller is in sight. Titles and keys must not change. */
export function useCommands(commands: readonly Command[]): void {
  const registry = useContext(CommandContext);
  const setId = useId();
  const latest = useRef(commands);
  useEffect(() => {
    latest.current = commands;
  });
  const signature = commands.map((command) => command.id).join();
  useEffect(() => {
    const stable = latest.current.map((command) => ({
      ...command,
      run: () => latest.current.find((other) => other.id === command.id)?.run(),
    }));
    registry.offer(setId, stable);
    return () => registry.withdraw(setId);
  }, [registry, setId, signature]);
}

/** All commands on offer now. */
export function useOfferedCommands(): readonly Command[] {
  const registry = useContext(CommandContext);
  return useSyncExternalStore(registry.subscribe, registry.snapshot);
}
