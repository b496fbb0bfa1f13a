'use client';

import type { AreaPlan, BrokenArea } from '../../../core/area/areaPlan';
import { createContext, useContext } from 'react';
import type { Plan } from '../../../core/plan/types';
import type { StepId } from '../../../core/kernel/working/finding';
import type { CaseSession, Shown } from '../../../store/session';

/** What every part of the case screen works with. */
export interface CaseState {
  readonly session: CaseSession;
  /** The document, and what of it is in conflict; whether it is saved does not belong to the worksheet. */
  readonly state: Shown;
  readonly plan: Plan;
  /** The chosen area; the first one where all are looked at. */
  readonly area: AreaPlan;
  /** The chosen ground where it could not be worked out; `area` is another then. */
  readonly broken: BrokenArea | undefined;
  /** Whether all ground is looked at together. */
  readonly all: boolean;
  readonly step: StepId;
  /** Goes to a step, of the chosen ground unless another (or `all`) is named. */
  readonly go: (step: StepId, areaId?: string) => void;
  /** Goes to the step after this one. */
  readonly next: () => void;
}

const CaseContext = createContext<CaseState | undefined>(undefined);
export const CaseProvider = CaseContext.Provider;

/** The open case. */
export function useCase(): CaseState {
  const state = useContext(CaseContext);
  if (!state) throw new Error('useCase: there is no open case above');
  return state;
}
