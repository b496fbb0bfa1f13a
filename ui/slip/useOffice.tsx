'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { createContext, useContext, type ReactNode } from 'react';
import { USUAL_OFFICE, type Office } from '../../core/casefile/office';
import { readOffice } from '../../store/office';

const OfficeContext = createContext<Office>(USUAL_OFFICE);

/** Reads what the office has decided, for all that stands below: paper that is drawn for printing cannot wait for it. */
export function OfficeProvider({ children }: { children: ReactNode }): ReactNode {
  const office = useLiveQuery(() => readOffice()) ?? USUAL_OFFICE;
  return <OfficeContext value={office}>{children}</OfficeContext>;
}

/** The office whose slips these are. */
export function useOffice(): Office {
  return useContext(OfficeContext);
}
