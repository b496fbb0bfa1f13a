'use client';

import { sampleOf } from '../../../core/casefile/parts/sample';
import { CLIPPINGS } from '../../../core/casefile/parts/area';
import { ChoiceField } from '../../kit/ChoiceField';
import { useId, type ReactNode } from 'react';
import { FindField } from '../../kit/FindField';
import { SITUATIONS } from '../../../core/catalog/situations';
import type { PlantForm } from '../../../core/catalog/plants/plants';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Section, StepHead } from '../../kit/Section';
import { useCase } from '../context/caseContext';
import { FoundField } from '../fields/FoundField';
import { SelectField, TextField } from '../fields/Fields';
import { Findings } from '../shared/Findings';
import { addGround, giveSample, removeGround, sampleName } from '../context/groundEdits';
import { Growing } from './Growing';
import { NextButton } from '../shared/NextButton';
import { plantOptions } from '../../format/plantWords';
import { textPlace } from '../context/places';
import { named, type Option } from '../../format/choices';
import { Size } from './Size';
import { Parts } from './GroundParts';
import { Sure } from './Sure';

function Who(): ReactNode {
  const { doc } = useCase().state;
  return (
    <div className="grid gap-3">
      <TextField label={text('case.title')} place={textPlace(doc, 'title')} width="wide" />
      <div className="flex flex-wrap gap-3">
        <TextField
          label={text('case.client')}
          place={textPlace(doc, 'client/name')}
          width="words"
        />
        <TextField
          label={text('case.place')}
          place={textPlace(doc, 'client/place')}
          width="words"
        />
      </div>
      <TextField
        label={text('case.question')}
        place={textPlace(doc, 'client/question')}
        width="wide"
      />
    </div>
  );
}

/** Lawns have situations of their own; other ground is dug or it is not. */
function situations(form: PlantForm, now: string): Option[] {
  const here = SITUATIONS.filter((each) => form === 'lawn' || each !== 'stressed' || each === now);
  return here.map((value) => ({
    value,
    words:
      form === 'lawn' || value === 'stressed'
        ? text(`situation.lawn.${value}`)
        : text(`situation.${form}.${value}`),
  }));
}

const PLANT_OPTIONS = plantOptions();

function What(): ReactNode {
  const { state, area, session } = useCase();
  const { doc } = state;
  const { id, situation } = area.area;
  const at = `areas/${id}`;
  const samples = Object.keys(doc.samples).map((each) => ({
    value: each,
    words: sampleName(doc, each),
  }));
  return (
    <>
      <div className="flex flex-wrap gap-3">
        <TextField label={text('ground.name')} place={textPlace(doc, `${at}/name`)} width="words" />
        <FoundField
          label={text('ground.plantOf')}
          place={textPlace(doc, `${at}/plant`)}
          options={PLANT_OPTIONS}
        />
        <SelectField
          label={text('ground.situation')}
          place={textPlace(doc, `${at}/situation`)}
          options={situations(area.plant.form, situation)}
        />
        {area.plant.form === 'lawn' && (
          <SelectField
            label={text('ground.clippings')}
            place={textPlace(doc, `${at}/clippings`)}
            options={named('clippings', CLIPPINGS)}
          />
        )}
        <ChoiceField
          label={text('ground.sample')}
          value={sampleOf(doc, id)?.id ?? ''}
          options={[
            ...samples,
            { value: 'new', words: text('ground.newSample') },
            { value: '', words: text('ground.noSample') },
          ]}
          onChoose={(chosen) => session.edit(giveSample(doc, id, chosen), `sample:${id}:${chosen}`)}
        />
      </div>
      <Growing />
    </>
  );
}

/** More ground for the case, or this one out of it. */
function More(): ReactNode {
  const addId = useId();
  const { state, area, plan, session, go } = useCase();
  const { doc } = state;
  const add = (plant: string): void => {
    const { id, edits } = addGround(doc, plant);
    session.edit(edits, `add:${id}`);
    go('ground', id);
  };
  const remove = (): void => {
    const { id } = area.area;
    session.edit(removeGround(doc, id), `remove:areas/${id}`);
    const next = plan.areas.find((each) => each.area.id !== id);
    if (next) go('ground', next.area.id);
  };
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <FindField
        id={addId}
        label={text('ground.addGround')}
        value=""
        options={PLANT_OPTIONS}
        placeholder={text('find.typePlant')}
        nothing={text('find.nothing')}
        onChoose={add}
      />
      {plan.areas.length > 1 && (
        <Button look="quiet" className="ml-auto" onClick={remove}>
          {text('ground.remove')}
        </Button>
      )}
    </div>
  );
}

/** Who asks, and what the ground is. */
export function GroundStep(): ReactNode {
  return (
    <>
      <StepHead title={text('ground.title')} act={<NextButton />} />
      <Findings step="ground" />
      <Section title={text('ground.who')}>
        <Who />
      </Section>
      <Section title={text('ground.what')}>
        <What />
      </Section>
      <Section title={text('ground.size')}>
        <Size />
      </Section>
      <Section title={text('ground.sure')}>
        <Sure />
      </Section>
      <Section title={text('ground.parts')}>
        <Parts />
      </Section>
      <Section title={text('ground.more')}>
        <More />
      </Section>
    </>
  );
}
