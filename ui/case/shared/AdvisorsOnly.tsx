'use client';

import type { ReactNode } from 'react';
import { useOffice } from '../../slip/useOffice';

/** What is an advisor's to choose: where volunteers work, it stands as the office has it and is not offered. */
export function AdvisorsOnly({ children }: { children: ReactNode }): ReactNode {
  return useOffice().volunteers ? null : children;
}
