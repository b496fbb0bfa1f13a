'use client';

import type { ReactNode } from 'react';
import type { DecisionKind } from '../../../core/casefile/decisions';
import { programmeOf } from '../../../core/catalog/programmes/programmes';
import { LATE_SCHOOLS } from '../../../core/catalog/programmes/programme';
import { isCountedEither } from '../../../core/treat/fertilizer/literature';
import { nameFrom, text } from '../../format/text';
import { SelectField } from '../fields/Fields';
import { decisionPlace } from '../context/places';
import { useCase } from '../context/caseContext';

/** What practitioners do differently on this ground; each stands as is usual here until something else is chosen. */
export function FertilizerChoices(): ReactNode {
  const { area, state } = useCase();
  const { plant, form } = area;
  const isCoolLawn = plant.form === 'lawn' && plant.season === 'cool' && form === 'established';
  const programme = programmeOf(plant, { severe: false, form, level: 'medium' });
  const choice = (
    what: DecisionKind & ('organic' | 'late-n' | 'corn-side' | 'n-by'),
    options: readonly string[],
  ) => (
    <SelectField
      label={text(`choice.${what}`)}
      place={decisionPlace(state.doc, area.area.id, what)}
      options={['', ...options].map((value) => ({
        value,
        words: nameFrom(`choice-${what}`, value || 'usual'),
      }))}
      stop={false}
    />
  );
  return (
    <div className="mb-3 flex flex-wrap gap-x-5 gap-y-2">
      {choice('organic', ['yes'])}
      {isCoolLawn && choice('late-n', LATE_SCHOOLS)}
      {programme?.twice && choice('corn-side', ['one', 'two'])}
      {isCountedEither(area) && choice('n-by', ['plant', 'area'])}
    </div>
  );
}
