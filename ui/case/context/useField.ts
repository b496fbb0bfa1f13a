'use client';

import { useId, useRef, type FocusEvent, type KeyboardEvent } from 'react';
import type { Place } from './places';
import { useCase } from './caseContext';

/** The worksheet, within which Enter goes from field to field. */
export const WORKSHEET = 'worksheet';

/** The fields and the acts of the worksheet in the order of the paper. */
export function worksheetStops(): HTMLElement[] {
  const all = document.querySelectorAll<HTMLElement>(`#${WORKSHEET} [data-stop]`);
  // What is folded away has a place in the layout still, but cannot take the focus.
  return [...all].filter((stop) => stop.checkVisibility());
}

/** The stop that Enter goes to: the next one, or within a table of columns the one below. */
function stopAfter(here: HTMLElement): HTMLElement | undefined {
  const stops = worksheetStops();
  const after = stops.filter(
    (stop) => here.compareDocumentPosition(stop) & Node.DOCUMENT_POSITION_FOLLOWING,
  );
  const { column } = here.dataset;
  if (column === undefined) return after[0];
  const inColumn = (index: number) => (stop: HTMLElement) =>
    stop.dataset['column'] === String(index);
  return (
    after.find(inColumn(Number(column))) ??
    stops.find(inColumn(Number(column) + 1)) ??
    after.find((stop) => stop.dataset['column'] === undefined)
  );
}

interface FieldBinding {
  readonly id: string;
  readonly onFocus: (event: FocusEvent<HTMLElement>) => void;
  readonly onBlur: () => void;
  readonly onKeyDown: (event: KeyboardEvent<HTMLElement>) => void;
  readonly change: (text: string) => void;
}

/**
 * Ties a field to its place: each keystroke is an edit, the focus makes one entry for undo, Enter
 * goes on, Esc brings back what the field had, leaving it stores at once.
 */
export function useField(place: Place): FieldBinding {
  const { session, next } = useCase();
  const id = useId();
  const visit = useRef<{ count: number; before: string | undefined }>({
    count: 0,
    before: undefined,
  });
  const change = (text: string): void => {
    visit.current.before ??= place.value;
    session.edit(
      [{ path: place.path, value: place.write(text) }],
      `${id}:${place.path}:${visit.current.count}`,
    );
  };
  return {
    id,
    change,
    onFocus: () => {
      visit.current = { count: visit.current.count + 1, before: undefined };
      session.use(place.path);
    },
    onBlur: () => {
      session.use(undefined);
      void session.flush();
    },
    onKeyDown: (event) => {
      const { before } = visit.current;
      if (event.key === 'Escape' && before !== undefined && place.value !== before) {
        event.preventDefault();
        change(before);
      }
      if (event.key !== 'Enter' || event.ctrlKey || event.altKey) return;
      event.preventDefault();
      void session.flush();
      const following = stopAfter(event.target as HTMLElement);
      if (following) following.focus();
      else next();
    },
  };
}
