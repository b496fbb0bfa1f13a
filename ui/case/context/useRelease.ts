'use client';

import { useMemo } from 'react';
import { releaseOf, type Release } from '../../../core/plan/release';
import { useOffice } from '../../slip/useOffice';
import { useCase } from './caseContext';

/** Whether the page of the open case may go out of this office. */
export function useRelease(): Release {
  const { state, plan } = useCase();
  const { volunteers } = useOffice();
  return useMemo(() => releaseOf(state.doc, plan, volunteers), [state.doc, plan, volunteers]);
}
