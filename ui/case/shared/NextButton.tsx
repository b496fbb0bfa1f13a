'use client';

import type { ReactNode } from 'react';
import { followingStep } from '../../../core/tell/steps';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';

/** Goes to the step after this one. */
export function NextButton(): ReactNode {
  const { step, next } = useCase();
  const following = followingStep(step);
  if (!following) return null;
  return (
    <Button onClick={next} data-act="">
      {text('case.next', { step: text(`step.${following}`) })}
    </Button>
  );
}
