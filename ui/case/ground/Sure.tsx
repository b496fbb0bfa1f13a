'use client';

import { MEASURED_BY } from '../../../core/casefile/parts/area';
import type { ReactNode } from 'react';
import { USUAL_ERROR } from '../../../core/tables/ground/measuring';
import { text } from '../../format/text';
import { Figure } from '../../working/Figure';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { SelectField, TextField } from '../fields/Fields';
import { textPlace } from '../context/places';
import { named } from '../../format/choices';

/** How the ground was measured, how far off that may be, and the length of a pace where it counts. */
export function Sure(): ReactNode {
  const { state, area, plan } = useCase();
  const { doc } = state;
  const { id, measuredBy } = area.area;
  const at = `areas/${id}`;
  const paced = measuredBy === 'pace' || plan.workings.get(`${id}/ground/pace`) !== undefined;
  return (
    <div className="flex flex-wrap items-start gap-3">
      <SelectField
        label={text('ground.measuredBy')}
        place={textPlace(doc, `${at}/measuredBy`)}
        options={named('measuredBy', MEASURED_BY)}
        stop={false}
      />
      {measuredBy !== '' && (
        <TextField
          label={text('ground.offBy')}
          place={textPlace(doc, `${at}/offBy`)}
          unit={text('unit.%')}
          hint={text('ground.usualError', { percent: USUAL_ERROR[measuredBy] })}
        />
      )}
      {paced && (
        <TextField
          label={text('ground.pace')}
          place={textPlace(doc, `${at}/pace`)}
          unit={text('unit.ft')}
        />
      )}
      {area.ground.unsure && (
        <div className="self-end pb-1">
          <Openable>
            {text('ground.counts')} <Figure id={area.ground.counted.id} bold />
          </Openable>
        </div>
      )}
    </div>
  );
}
