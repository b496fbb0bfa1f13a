'use client';

import { lazy, type ComponentType } from 'react';
import type { StepId } from '../../core/kernel/working/finding';

/** Each step comes with its own part of the program. */
const LOAD: Readonly<Record<StepId, () => Promise<{ default: ComponentType }>>> = {
  ground: () => import('./ground/GroundStep').then((file) => ({ default: file.GroundStep })),
  sample: () => import('./sample/SampleStep').then((file) => ({ default: file.SampleStep })),
  results: () => import('./results/ResultsStep').then((file) => ({ default: file.ResultsStep })),
  reading: () => import('./reading/ReadingStep').then((file) => ({ default: file.ReadingStep })),
  ph: () => import('./ph/PhStep').then((file) => ({ default: file.PhStep })),
  feeding: () =>
    import('./fertilizer/FertilizerStep').then((file) => ({ default: file.FertilizerStep })),
  calendar: () =>
    import('./calendar/CalendarStep').then((file) => ({ default: file.CalendarStep })),
  slip: () => import('./slip/SlipStep').then((file) => ({ default: file.SlipStep })),
  diary: () => import('./diary/DiaryStep').then((file) => ({ default: file.DiaryStep })),
};

export const STEP_SCREENS: Readonly<Record<StepId, ComponentType>> = {
  ground: lazy(LOAD.ground),
  sample: lazy(LOAD.sample),
  results: lazy(LOAD.results),
  reading: lazy(LOAD.reading),
  ph: lazy(LOAD.ph),
  feeding: lazy(LOAD.feeding),
  calendar: lazy(LOAD.calendar),
  slip: lazy(LOAD.slip),
  diary: lazy(LOAD.diary),
};

/** After the first step stands the others are fetched, so that going on needs no network. */
const FETCH_AFTER_MS = 2000;

function fetchAll(): void {
  // Whoever is without a network then fetches a step when it is opened.
  for (const load of Object.values(LOAD)) void load().catch(() => undefined);
}

/** Fetches all steps once a step has stood for a while and nothing else is to be done; gives what calls that off. */
export function fetchSteps(): () => void {
  let idle: number | undefined;
  const timer = setTimeout(() => {
    // Not every browser tells when it is idle.
    if ('requestIdleCallback' in window) idle = window.requestIdleCallback(fetchAll);
    else fetchAll();
  }, FETCH_AFTER_MS);
  return () => {
    clearTimeout(timer);
    if (idle !== undefined) window.cancelIdleCallback(idle);
  };
}
