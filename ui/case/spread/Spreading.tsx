'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import {
  newSpreader,
  SPREADER_KINDS,
  spreadersOf,
  type Spreader,
} from '../../../core/casefile/parts/spreader';
import { msg } from '../../../core/kernel/messages/msg';
import { own } from '../../../core/kernel/typed/own';
import { sameValue } from '../../../core/kernel/typed/sameValue';
import { WITHOUT_SPREADER, type Strips } from '../../../core/treat/spread/spread';
import { changeOffice, readOffice } from '../../../store/office';
import type { Json } from '../../../store/patch';
import { named } from '../../format/choices';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { decisionPlace, textPlace } from '../context/places';
import { SelectField, TextField } from '../fields/Fields';
import { Pans } from './Pans';
import { Trials } from './Trials';

function nameOf({ name, kind }: Spreader): string {
  return name.trim() === '' ? text(`spreaderKind.${kind}`) : name;
}

/** Spreaders of the office that this case has not, or knows otherwise; and the other way round. */
function Kept({ spreader }: { spreader: Spreader | undefined }): ReactNode {
  const { state, session } = useCase();
  const kept = useLiveQuery(() => readOffice())?.spreaders;
  if (!kept) return null;
  const news = Object.values(kept).filter((each) => !own(state.doc.spreaders, each.id));
  const take = (): void =>
    session.edit(
      news.map((each) => ({ path: `spreaders/${each.id}`, value: each as unknown as Json })),
      'office-spreaders',
    );
  const keep = (each: Spreader): void =>
    void changeOffice((office) => ({
      ...office,
      spreaders: { ...office.spreaders, [each.id]: each },
    }));
  return (
    <>
      {news.length > 0 && (
        <Button onClick={take}>{text('spread.takeOffice', { count: news.length })}</Button>
      )}
      {spreader &&
        (sameValue(own(kept, spreader.id), spreader) ? (
          <span className="text-small text-ink-2">{text('spread.isKept')}</span>
        ) : (
          <Button onClick={() => keep(spreader)}>{text('spread.keep')}</Button>
        ))}
    </>
  );
}

/** Takes a spreader out of the case, and with it what was chosen of it. */
function Remove({ spreader }: { spreader: Spreader }): ReactNode {
  const { state, session } = useCase();
  const at = `spreaders/${spreader.id}`;
  const remove = (): void => {
    const chosen = Object.entries(state.doc.decisions).filter(
      ([, { what, value }]) => what === 'spread-with' && value === spreader.id,
    );
    session.edit(
      [at, ...chosen.map(([key]) => `decisions/${key}`)].map((path) => ({
        path,
        value: undefined,
      })),
      `no-spreader:${spreader.id}`,
    );
  };
  return (
    <Button look="quiet" onClick={remove}>
      {text('spread.remove')}
    </Button>
  );
}

/** What is known of the spreader itself. */
function About({ spreader }: { spreader: Spreader }): ReactNode {
  const { state } = useCase();
  const at = `spreaders/${spreader.id}`;
  const field = (part: 'name' | 'swath' | 'hopper' | 'zero', width: 'bag' | 'words'): ReactNode => (
    <TextField
      label={text(`spread.field.${part}`)}
      width={width}
      place={textPlace(state.doc, `${at}/${part}`)}
    />
  );
  return (
    <div className="mt-3 flex flex-wrap items-start gap-x-5 gap-y-2">
      {field('name', 'words')}
      <SelectField
        label={text('spread.field.kind')}
        place={textPlace(state.doc, `${at}/kind`)}
        options={named('spreaderKind', SPREADER_KINDS)}
        width="date"
      />
      {field('swath', 'bag')}
      {field('hopper', 'bag')}
      {field('zero', 'bag')}
      <p className="w-full max-w-2xl text-small text-ink-2">
        {text(`spread.swathOf.${spreader.kind}`)}
      </p>
    </div>
  );
}

function StripWords({ strips, way }: { strips: Strips; way: 'along' | 'across' }): ReactNode {
  const { count, run, apart } = strips;
  const figures = {
    count: { working: count.id },
    run: { working: run.id },
    apart: { working: apart.id },
  };
  return (
    <li>
      <FigureText message={msg(`spread.strips.${way}`, figures)} />
    </li>
  );
}

/** How this ground is spread: which spreader, what was tried with it, the dial, the strips. */
export function Spreading(): ReactNode {
  const { area, state, session } = useCase();
  const { spreading } = area;
  const known = spreadersOf(state.doc.spreaders);
  const place = decisionPlace(state.doc, area.area.id, 'spread-with');
  const add = (): void => {
    const id = nanoid(8);
    const fresh = newSpreader(id, (known.at(-1)?.order ?? 0) + 1);
    session.edit(
      [
        { path: `spreaders/${id}`, value: fresh as unknown as Json },
        { path: place.path, value: place.write(id) },
      ],
      `spreader:${id}`,
    );
  };
  const value = spreading?.spreader.id ?? WITHOUT_SPREADER;
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        {known.length > 0 && (
          <SelectField
            label={text('spread.with')}
            place={{ ...place, value }}
            options={[
              ...known.map((each) => ({ value: each.id, words: nameOf(each) })),
              { value: WITHOUT_SPREADER, words: text('spread.byHand') },
            ]}
          />
        )}
        <Button onClick={add}>{text('spread.add')}</Button>
        <Kept spreader={spreading?.spreader} />
        {spreading && <Remove spreader={spreading.spreader} />}
      </div>
      {known.length === 0 && <p className="mt-2 max-w-2xl text-ink-2">{text('spread.none')}</p>}
      {spreading && (
        <>
          <About spreader={spreading.spreader} />
          <h3 className="mt-4 mb-1 text-ink-2">{text('spread.trialsTitle')}</h3>
          <p className="mb-2 max-w-2xl text-ink-2">{text('spread.trialsHow')}</p>
          {spreading.products.map((product) => (
            <Trials key={product.key} spreader={spreading.spreader} product={product} />
          ))}
          {spreading.along && spreading.across && (
            <Openable>
              <h3 className="mt-4 mb-1 text-ink-2">{text('spread.stripsTitle')}</h3>
              <p className="text-ink-2">{text('spread.stripsHow')}</p>
              <ul className="list-disc pl-5">
                <StripWords strips={spreading.along} way="along" />
                <StripWords strips={spreading.across} way="across" />
              </ul>
            </Openable>
          )}
          <h3 className="mt-4 mb-1 text-ink-2">{text('spread.pansTitle')}</h3>
          <Pans spreader={spreading.spreader} pans={spreading.pans} />
        </>
      )}
    </>
  );
}
