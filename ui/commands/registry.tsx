'use client';

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';

/** Something that can be done here and now. Feeds shortcuts, the command field and the help. */
export interface Command {
  readonly id: string;
  /** Its words. */
  readonly label: string;
  /** Keys such as `N`, `Ctrl+K`, `Alt+1`; a lone letter can be switched off. */
  readonly keys: readonly string[];
  readonly run: () => void;
}

interface Registry {
  readonly commands: readonly Command[];
  readonly letterKeys: boolean;
  readonly setLetterKeys: (on: boolean) => void;
  readonly register: (owner: symbol, commands: readonly Command[] | undefined) => void;
}

const RegistryContext = createContext<Registry | undefined>(undefined);

/** The registry of the page. */
export function useRegistry(): Registry {
  const registry = useContext(RegistryContext);
  if (!registry) throw new Error('useRegistry: there is no CommandProvider above');
  return registry;
}

/** Offers commands while the component is on the screen. */
export function useCommands(commands: readonly Command[]): void {
  const { register } = useRegistry();
  const [owner] = useState(() => Symbol('commands'));
  useLayoutEffect(() => register(owner, commands), [register, owner, commands]);
  useLayoutEffect(() => () => register(owner, undefined), [register, owner]);
}

/** Whether a key that is written needs no modifier: only these can be switched off. */
function isLetterKey(key: string): boolean {
  return key.length === 1;
}

/** The key of an event as commands write it: `Ctrl+Shift+Z`, `Alt+1`, `N`, `?`. */
function keyOf(event: KeyboardEvent): string {
  const name = event.key.length === 1 ? event.key.toUpperCase() : event.key;
  const digit = /^Digit(\d)$/.exec(event.code)?.[1];
  return [
    event.ctrlKey || event.metaKey ? 'Ctrl+' : '',
    event.altKey ? 'Alt+' : '',
    event.shiftKey && (event.ctrlKey || event.metaKey) ? 'Shift+' : '',
    event.altKey && digit ? digit : name,
  ].join('');
}

function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !['radio', 'checkbox'].includes(target.type);
  return target.isContentEditable || ['SELECT', 'TEXTAREA'].includes(target.tagName);
}

interface ProviderProps {
  readonly children: ReactNode;
  readonly letterKeys: boolean;
  readonly setLetterKeys: (on: boolean) => void;
}

/** Holds the registry and listens for the shortcuts. */
export function CommandProvider({ children, letterKeys, setLetterKeys }: ProviderProps): ReactNode {
  const [owned, setOwned] = useState<ReadonlyMap<symbol, readonly Command[]>>(new Map());
  // The listener reads what is registered now, not what was at the last paint.
  const latest = useRef<ReadonlyMap<symbol, readonly Command[]>>(owned);
  const register = useCallback<Registry['register']>((owner, commands) => {
    const after = new Map(latest.current);
    if (commands) after.set(owner, commands);
    else after.delete(owner);
    latest.current = after;
    setOwned(after);
  }, []);
  const commands = useMemo(() => [...owned.values()].flat(), [owned]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || document.querySelector('[role="dialog"]')) return;
      const key = keyOf(event);
      if (isLetterKey(key) && (!letterKeys || isTyping(event.target))) return;
      const command = [...latest.current.values()].flat().find(({ keys }) => keys.includes(key));
      if (!command) return;
      event.preventDefault();
      command.run();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [letterKeys]);

  const registry = useMemo(
    () => ({ commands, letterKeys, setLetterKeys, register }),
    [commands, letterKeys, setLetterKeys, register],
  );
  return <RegistryContext value={registry}>{children}</RegistryContext>;
}
