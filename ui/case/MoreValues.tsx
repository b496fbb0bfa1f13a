'use client';

import { useState, type ReactNode } from 'react';
import { MORE_ANALYTES, type MoreAnalyte } from '../../core/casefile/casefile';
import { text } from '../format/text';
import { Figure } from '../working/Figure';
import { Openable } from '../working/Openable';
import { useCase } from './caseContext';
import { SelectField, TextField } from './Fields';
import { resultPlace } from './places';
import { CHARGED_UNITS, named, SOIL_UNITS } from './reportChoices';

const BASES: ReadonlySet<MoreAnalyte> = new Set(['ca', 'mg', 'na']);
/** What some laboratories print instead of the element. */
const PRINTED_AS: Partial<Readonly<Record<MoreAnalyte, readonly string[]>>> = {
  s: ['S', 'SO4'],
  no3: ['N', 'NO3'],
};

function Value({ base, analyte }: { base: string; analyte: MoreAnalyte }): ReactNode {
  const { state, plan, area } = useCase();
  const { doc } = state;
  const typed = resultPlace(doc, base, analyte).value !== '';
  const forms = PRINTED_AS[analyte];
  const id = `${area.area.id}/report/${analyte}`;
  return (
    <div className="flex items-start gap-2">
      <TextField label={text(`analyte.${analyte}`)} place={resultPlace(doc, base, analyte)} />
      <SelectField
        label={text('results.labUnit')}
        place={resultPlace(doc, base, analyte, 'unit')}
        stop={typed}
        options={named('soilUnit', BASES.has(analyte) ? CHARGED_UNITS : SOIL_UNITS)}
        width="date"
      />
      {forms && (
        <SelectField
          label={text('results.printedAs')}
          place={resultPlace(doc, base, analyte, 'method')}
          stop={typed}
          options={named('printedAs', forms)}
          width="date"
        />
      )}
      {typed && id in plan.workings && (
        <span className="mt-5">
          <Openable>
            <Figure id={id} />
          </Openable>
        </span>
      )}
    </div>
  );
}

/** The rest of the paper: kept as printed, in ppm of the element beside it. Folded until it is used. */
export function MoreValues({ base }: { base: string }): ReactNode {
  const { doc } = useCase().state;
  const place = resultPlace(doc, base, 'ph-cacl2');
  const used =
    place.value !== '' || MORE_ANALYTES.some((each) => resultPlace(doc, base, each).value !== '');
  const [opened, setOpened] = useState(used);
  return (
    <details open={opened} onToggle={(event) => setOpened(event.currentTarget.open)}>
      <summary className="cursor-pointer py-1 text-ink-2">{text('results.moreHelp')}</summary>
      <div className="mt-2 flex flex-wrap gap-x-5 gap-y-3">
        <div className="flex items-start gap-2">
          <TextField label={text('analyte.ph-cacl2')} place={place} />
          <SelectField
            label={text('results.printedAs')}
            place={resultPlace(doc, base, 'ph-cacl2', 'method')}
            stop={place.value !== ''}
            options={named('saltPh', ['', 'converted'])}
            width="unit"
          />
        </div>
        {MORE_ANALYTES.map((analyte) => (
          <Value key={analyte} base={base} analyte={analyte} />
        ))}
      </div>
    </details>
  );
}
