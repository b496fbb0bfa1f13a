'use client';

import { partsOf, type GroundPart } from '../../../core/casefile/parts/area';
import { EMPTY_SHAPE } from '../../../core/casefile/parts/shape';
import { ChoiceField } from '../../kit/ChoiceField';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Figure } from '../../working/Figure';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { TextField } from '../fields/Fields';
import { areaName } from '../../format/areaName';
import { textPlace } from '../context/places';
import { ShapeFields } from './ShapeFields';

function Part({ part }: { part: GroundPart }): ReactNode {
  const { state, area, plan, session } = useCase();
  const { doc } = state;
  const at = `areas/${area.area.id}/parts/${part.id}`;
  const others = plan.areas.filter((each) => each.area.id !== area.area.id);
  const problem = plan.problems[`${at}/areaId`];
  return (
    <li className="grid gap-2 border-b border-rule-2 py-3 first:pt-0">
      <div className="flex flex-wrap items-end gap-3">
        <span className="w-20 pb-1.5 font-semibold">
          {text(part.sign === 'less' ? 'ground.partLess' : 'ground.partAdd')}
        </span>
        <TextField
          label={text('ground.partName')}
          place={textPlace(doc, `${at}/name`)}
          width="date"
        />
        {(others.length > 0 || part.areaId !== '') && (
          <ChoiceField
            label={text('ground.partOf')}
            value={part.areaId}
            options={[
              { value: '', words: text('ground.partShape') },
              ...others.map((each) => ({ value: each.area.id, words: areaName(each) })),
            ]}
            onChoose={(areaId) =>
              session.edit([{ path: `${at}/areaId`, value: areaId }], `part:${part.id}:${areaId}`)
            }
          />
        )}
        <span className="pb-1.5">
          <Openable>
            <Figure id={`${area.area.id}/ground/part/${part.id}/area`} />
          </Openable>
        </span>
        <Button
          look="quiet"
          className="ml-auto"
          aria-label={text('ground.removePart', { name: part.name })}
          onClick={() => session.edit([{ path: at, value: undefined }], `remove:${at}`)}
        >
          {text('past.remove')}
        </Button>
      </div>
      {problem && <p className="text-small text-madder">{messageText(problem)}</p>}
      {part.areaId === '' && <ShapeFields shape={part.shape} at={`${at}/shape`} whole={false} />}
    </li>
  );
}

/** What is taken out of the ground, or added to it. */
export function Parts(): ReactNode {
  const { area, plan, session } = useCase();
  const { id } = area.area;
  const parts = partsOf(area.area);
  const problem = plan.problems[`areas/${id}/parts`];
  const add = (sign: GroundPart['sign']): void => {
    const part: GroundPart = {
      id: nanoid(8),
      order: (parts.at(-1)?.order ?? 0) + 1,
      sign,
      name: '',
      areaId: '',
      shape: EMPTY_SHAPE,
    };
    const value = { ...part, shape: { ...part.shape } };
    session.edit([{ path: `areas/${id}/parts/${part.id}`, value }], `add:${part.id}`);
  };
  return (
    <>
      {parts.length === 0 && <p className="max-w-xl text-ink-2">{text('ground.partsHelp')}</p>}
      <ul>
        {parts.map((part) => (
          <Part key={part.id} part={part} />
        ))}
      </ul>
      {problem && <p className="text-small text-madder">{messageText(problem)}</p>}
      <div className="mt-1 flex flex-wrap gap-x-5">
        <Button look="quiet" onClick={() => add('less')}>
          {text('ground.takeOut')}
        </Button>
        <Button look="quiet" onClick={() => add('add')}>
          {text('ground.addTo')}
        </Button>
      </div>
    </>
  );
}
