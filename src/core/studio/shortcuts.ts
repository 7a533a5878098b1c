/** A person's own keys. */
export interface Shortcuts {
  /** Whether keys of a single letter or digit do anything (WCAG 2.1.4). */
  readonly single: boolean;
  /** Keys set otherwise, by action; the others keep their own. */
  readonly keys: Readonly<Record<string, string>>;
}

export const noShortcuts: Shortcuts = { single: true, keys: {} };

/** Whether a key is one character alone, which a voice or a slip of the hand can press by accident. */
export function isSingleKey(key: string): boolean {
  return key.length === 1;
}

interface Keyed {
  readonly id: string;
  readonly keys: string;
}

/** The key of an action as this person has it; empty where it has none, or single keys are off. */
export function keyOfAction({ id, keys }: Keyed, shortcuts: Shortcuts): string {
  const key = shortcuts.keys[id] ?? keys;
  return !shortcuts.single && isSingleKey(key) ? "" : key;
}

/** The keys with one action's set otherwise: whatever had that key has none any more. */
export function withKey(shortcuts: Shortcuts, actions: readonly Keyed[], id: string, key: string): Shortcuts {
  const robbed = actions.filter(
    (other) => other.id !== id && (shortcuts.keys[other.id] ?? other.keys) === key,
  );
  return {
    ...shortcuts,
    keys: { ...shortcuts.keys, ...Object.fromEntries(robbed.map((other) => [other.id, ""])), [id]: key },
  };
}
