'use client';

import { useId, type ReactNode } from 'react';
import { FindField } from '../../kit/FindField';
import { programmeOf, yearlyRatesOf } from '../../../core/catalog/programmes/programmes';
import { formsOf, LEVELS } from '../../../core/catalog/programmes/growing';
import { YES_OR_NO, type Growing as AreaGrowing } from '../../../core/casefile/parts/growing';
import { PLANTS } from '../../../core/catalog/plants/plants';
import { own } from '../../../core/kernel/typed/own';
import { quantity } from '../../../core/kernel/units/quantity';
import { msg } from '../../../core/kernel/messages/msg';
import { quantityText } from '../../format/quantity';
import { nameFrom, text } from '../../format/text';
import { Button } from '../../kit/Button';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { SelectField, TextField } from '../fields/Fields';
import { decisionPlace, textPlace } from '../context/places';
import { plantNotes, plantOptions } from '../../format/plantWords';

function ph(value: number): string {
  return quantityText(quantity(value, 'pH', 'water'));
}

/** What grows there wants of the pH, what holds for it, and what it may do. */
function Notes(): ReactNode {
  const { area } = useCase();
  const { goal, plant } = area;
  const { edges, limeTo, acid, conflict } = goal;
  const window = msg(acid ? 'goal.windowAcid' : 'goal.window', {
    low: { working: edges.low.id },
    high: { working: edges.high.id },
    below: { working: edges.below.id },
    to: { working: limeTo.id },
  });
  return (
    <div className="mt-2 max-w-2xl text-small text-ink-2">
      {!conflict && (
        <Openable>
          <p>
            <FigureText message={window} />
          </p>
        </Openable>
      )}
      {plantNotes(plant).map((note) => (
        <p key={note}>{note}</p>
      ))}
    </div>
  );
}

/** The range of pH by one school or another, where practitioners differ on the plant. */
function Window(): ReactNode {
  const { area, state } = useCase();
  const { otherWindows, window } = area.plant;
  if (otherWindows.length === 0) return null;
  const all = [{ school: '', ...window }, ...otherWindows];
  return (
    <SelectField
      label={text('ground.window')}
      place={decisionPlace(state.doc, area.area.id, 'window')}
      options={all.map(({ school, low, high }) => ({
        value: school,
        words: text('window.choice', {
          school: nameFrom('window', school || 'usual'),
          low: ph(low),
          high: ph(high),
        }),
      }))}
    />
  );
}

/** Other plants in the same ground, and the one that the pH goes by. */
function Sharing(): ReactNode {
  const addId = useId();
  const { area, state, session } = useCase();
  const { id, sharing, plant } = area.area;
  const write = (ids: readonly string[]): void =>
    session.edit([{ path: `areas/${id}/sharing`, value: [...ids] }], `sharing:${ids.join(' ')}`);
  const here = [plant, ...sharing];
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2">
      <FindField
        id={addId}
        label={text('ground.sharing')}
        value=""
        options={plantOptions().filter(({ value }) => !here.includes(value))}
        placeholder={text('find.typePlant')}
        nothing={text('find.nothing')}
        onChoose={(chosen) => write([...sharing, chosen])}
      />
      {sharing.map((each) => (
        <Button
          key={each}
          look="quiet"
          onClick={() => write(sharing.filter((other) => other !== each))}
        >
          {text('ground.notSharing', { plant: nameFrom('plant', each) })}
        </Button>
      ))}
      {sharing.length > 0 && (
        <SelectField
          label={text('ground.governs')}
          place={decisionPlace(state.doc, id, 'governs')}
          options={[
            { value: '', words: text('ground.allPlants') },
            ...here
              .filter((each) => own(PLANTS, each))
              .map((each) => ({ value: each, words: nameFrom('plant', each) })),
          ]}
        />
      )}
    </div>
  );
}

/** How it is grown, and when it was planted or sown, where its year goes by that; only what decides is asked. */
function Form(): ReactNode {
  const { area, state } = useCase();
  const { plant, form } = area;
  const at = `areas/${area.area.id}`;
  const place = (part: keyof AreaGrowing) => textPlace(state.doc, `${at}/growing/${part}`);
  const forms = formsOf(plant);
  const rates = yearlyRatesOf(plant);
  const isLawn = plant.form === 'lawn';
  const stands = form === 'established';
  const hasLevels = stands && (isLawn || (typeof rates?.N === 'object' && 'medium' in rates.N));
  const goesByAge = (typeof rates?.N === 'object' && 'byYear' in rates.N) || !!rates?.perPlant;
  const programme = programmeOf(plant, { severe: false, form, level: 'medium' });
  const yesOrNo = (unsaid: string) =>
    YES_OR_NO.map((value) => ({
      value,
      words: value === '' ? unsaid : text(`answer.${value}`),
    }));
  return (
    <>
      {forms.length > 1 && (
        <SelectField
          stop={false}
          label={text('ground.form')}
          place={place('form')}
          options={[
            { value: '', words: text('ground.formOf', { form: nameFrom('form', form) }) },
            ...forms.map((value) => ({ value, words: nameFrom('form', value) })),
          ]}
        />
      )}
      {programme?.planting && (
        <TextField
          label={text('ground.plantedOn')}
          place={textPlace(state.doc, `${at}/plantedOn`)}
          width="date"
          stop={false}
        />
      )}
      {hasLevels && (
        <SelectField
          stop={false}
          label={text(isLawn ? 'ground.level' : 'ground.growth')}
          place={place('level')}
          options={['', ...LEVELS].map((value) => ({
            value,
            words: nameFrom(isLawn ? 'lawnLevel' : 'growthLevel', value || 'usual'),
          }))}
        />
      )}
      {isLawn && stands && plant.season === 'cool' && (
        <SelectField
          stop={false}
          label={text('ground.watered')}
          place={place('watered')}
          options={yesOrNo(text('ground.wateredUsual'))}
        />
      )}
      {area.readings.others['water-alkalinity'] && (
        <TextField
          label={text('growing.inches')}
          place={place('inches')}
          width="number"
          stop={false}
        />
      )}
      {isLawn && (
        <SelectField
          stop={false}
          label={text('ground.shade')}
          place={place('shade')}
          options={yesOrNo(text('ground.shadeUsual'))}
        />
      )}
      {stands && goesByAge && (
        <TextField
          label={text('ground.years')}
          place={place('years')}
          width="number"
          stop={false}
        />
      )}
      {stands && rates?.perPlant?.perInch && (
        <TextField
          label={text('ground.trunkInches')}
          place={place('trunk')}
          width="number"
          stop={false}
        />
      )}
    </>
  );
}

/** What there is to say and to choose of what grows on a piece of ground. */
export function Growing(): ReactNode {
  return (
    <>
      <div className="mt-3 flex flex-wrap gap-x-5 gap-y-2 empty:hidden">
        <Form />
        <Window />
      </div>
      <Notes />
      <Sharing />
    </>
  );
}
