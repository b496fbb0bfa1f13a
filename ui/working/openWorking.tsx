'use client';

import {
  createContext,
  useCallback,
  useContext,
  useId,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import type { Workings } from '../../core/kernel/working/workings';

interface OpenWorking {
  readonly id: string;
  readonly scope: string;
}

interface WorkingState {
  readonly workings: Workings;
  readonly open: OpenWorking | undefined;
  readonly toggle: (id: string, scope: string, opener: HTMLElement) => void;
  readonly close: () => void;
}

const StateContext = createContext<WorkingState | undefined>(undefined);
const ScopeContext = createContext<string | undefined>(undefined);

/** The workings of the place, and which of them is open. One is open at a time. */
export function useWorkings(): WorkingState {
  const state = useContext(StateContext);
  if (!state) throw new Error('useWorkings: there is no WorkingProvider above');
  return state;
}

/** The row that a figure stands in: its working opens under it. */
export function useScope(): string {
  const scope = useContext(ScopeContext);
  if (!scope) throw new Error('useScope: a figure stands in no WorkingScope');
  return scope;
}

interface ProviderProps {
  readonly workings: Workings;
  readonly children: ReactNode;
}

/** Gives figures the sheet that they open into. */
export function WorkingProvider({ workings, children }: ProviderProps): ReactNode {
  const [open, setOpen] = useState<OpenWorking>();
  const opener = useRef<HTMLElement>(undefined);
  const close = useCallback(() => {
    setOpen(undefined);
    opener.current?.focus();
  }, []);
  const toggle = useCallback((id: string, scope: string, element: HTMLElement) => {
    opener.current = element;
    setOpen((before) => (before?.id === id && before.scope === scope ? undefined : { id, scope }));
  }, []);
  const state = useMemo(() => ({ workings, open, toggle, close }), [workings, open, toggle, close]);
  return <StateContext value={state}>{children}</StateContext>;
}

interface ScopeProps {
  /** Renders the row, and the open working of one of its figures where it belongs. */
  readonly children: (openId: string | undefined) => ReactNode;
}

/** A row whose figures open their workings under it. */
export function WorkingScope({ children }: ScopeProps): ReactNode {
  const scope = useId();
  const { open } = useWorkings();
  return (
    <ScopeContext value={scope}>
      {children(open?.scope === scope ? open.id : undefined)}
    </ScopeContext>
  );
}
