'use client';

import type { ReactNode } from 'react';
import { MONTHS } from '../../../core/casefile/parts/climate';
import { climateOptions, monthName } from '../../format/climate';
import { text } from '../../format/text';
import { useCase } from '../context/caseContext';
import { textPlace } from '../context/places';
import { SelectField, TextField } from '../fields/Fields';

/** The climate that the days of the plan follow from: a card, or twelve means and two frosts that are typed. */
export function ClimateFields(): ReactNode {
  const { doc } = useCase().state;
  const own = { value: 'own', words: text('results.climateOwn') };
  return (
    <>
      <div className="flex flex-wrap items-start gap-x-5 gap-y-3">
        <SelectField
          label={text('results.climate')}
          place={textPlace(doc, 'climate/card')}
          options={[...climateOptions(text('results.climateNone')), own]}
        />
        {doc.climate.card === 'own' && (
          <>
            <TextField
              label={text('results.lastFrost')}
              place={textPlace(doc, 'climate/lastFrost')}
              width="date"
            />
            <TextField
              label={text('results.firstFrost')}
              place={textPlace(doc, 'climate/firstFrost')}
              width="date"
            />
          </>
        )}
      </div>
      {doc.climate.card === 'own' && (
        <div className="mt-3 flex flex-wrap gap-x-3 gap-y-3">
          {MONTHS.map((month) => (
            <TextField
              key={month}
              label={monthName(month)}
              place={textPlace(doc, `climate/air/${month}`)}
              width="number"
              unit={text('unit.degF')}
            />
          ))}
        </div>
      )}
      <p className="mt-1.5 text-small text-ink-2">{text('results.climateHelp')}</p>
    </>
  );
}
