'use client';

import { ChoiceField } from '../../kit/ChoiceField';
import type { ReactNode } from 'react';
import { programmeOf } from '../../../core/catalog/programmes/programmes';
import { isNewLawn } from '../../../core/treat/fertilizer/newLawn';
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
  const { area, state, session } = useCase();
  const { id, sharing, plant } = area.area;
  const write = (ids: readonly string[]): void =>
    session.edit([{ path: `areas/${id}/sharing`, value: [...ids] }], `sharing:${ids.join(' ')}`);
  const here = [plant, ...sharing];
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2">
      <ChoiceField
        label={text('ground.sharing')}
        value=""
        options={[
          { value: '', words: text('ground.addSharing') },
          ...plantOptions().filter(({ value }) => !here.includes(value)),
        ]}
        onChoose={(chosen) => {
          if (chosen !== '') write([...sharing, chosen]);
        }}
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

/** When it was planted or sown, where its year goes by that. */
function PlantedOn(): ReactNode {
  const { area, state } = useCase();
  const programme = programmeOf(area.plant, { severe: false, isNewLawn: isNewLawn(area) });
  if (!programme?.planting) return null;
  return (
    <TextField
      label={text('ground.plantedOn')}
      place={textPlace(state.doc, `areas/${area.area.id}/plantedOn`)}
      width="date"
      stop={false}
    />
  );
}

/** What there is to say and to choose of what grows on a piece of ground. */
export function Growing(): ReactNode {
  return (
    <>
      <div className="mt-3 flex flex-wrap gap-x-5 gap-y-2 empty:hidden">
        <PlantedOn />
        <Window />
      </div>
      <Notes />
      <Sharing />
    </>
  );
}
