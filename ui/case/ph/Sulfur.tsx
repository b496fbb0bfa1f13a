'use client';

import { materialNote, materialWords } from '../../format/materialWords';
import type { SulfurMaterialRow, SulfurTreatment } from '../../../core/treat/sulfur/types';
import type { ReactNode } from 'react';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Section } from '../../kit/Section';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { FigureText } from '../../working/FigureText';
import { Openable, OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { BagCells, LabelFields } from '../fields/BagParts';
import { ChoiceRow } from '../fields/ChoiceRow';
import { ApplicationTable } from '../shared/ApplicationTable';
import { SelectField, TextField } from '../fields/Fields';
import { OwnAmount } from '../fields/OwnAmount';
import { decisionPlace } from '../context/places';
import { named } from '../../format/choices';

/** What clients ask about, each with its answer. */
const MYTHS = ['coffee', 'needles', 'vinegar', 'gypsum', 'epsom', 'liquid', 'peat'] as const;

/** A bed of its own mix, and plants that like the soil as it is. */
function Instead({ sulfur }: { sulfur: SulfurTreatment }): ReactNode {
  const { mixCubicFeet, mixCubicYards, plants } = sulfur.instead;
  const known = !('absent' in mixCubicFeet);
  return (
    <Openable>
      <p className="mt-2 max-w-2xl">{text('sulfur.instead')}</p>
      {known && (
        <p className="mt-1 max-w-2xl">
          <FigureText
            message={{
              id: 'sulfur.mixNeeds',
              params: {
                feet: { working: mixCubicFeet.id },
                yards: { working: mixCubicYards.id },
              },
            }}
          />
        </p>
      )}
      {plants.length > 0 && (
        <p className="mt-1 max-w-2xl">
          {text('sulfur.fits')}
          {plants.map((id) => text(`plant.${id}`)).join(', ')}
          {text('sulfur.fitsEnd')}
        </p>
      )}
    </Openable>
  );
}

/** Whether sulfur can work in this soil: the one question, and what can be done instead. */
function WorthIt({ sulfur }: { sulfur: SulfurTreatment }): ReactNode {
  const { area, state } = useCase();
  return (
    <>
      <SelectField
        label={text('sulfur.fizz')}
        place={decisionPlace(state.doc, area.area.id, 'fizz')}
        options={named('fizz', ['', 'no', 'yes'])}
      />
      {sulfur.verdict === 'refused' && <Instead sulfur={sulfur} />}
      <details className="mt-2">
        <summary className="cursor-pointer py-1 text-small font-semibold text-spruce">
          {text('sulfur.mythsTitle')}
        </summary>
        <ul className="mt-1 max-w-2xl list-disc pl-5 text-small">
          {MYTHS.map((myth) => (
            <li key={myth}>{text(`sulfur.myth.${myth}`)}</li>
          ))}
        </ul>
      </details>
    </>
  );
}

/** What each school asks for in all. */
function Schools({ sulfur }: { sulfur: SulfurTreatment }): ReactNode {
  const { plan } = useCase();
  const { ownMore } = sulfur;
  const owned = Object.keys(ownMore).length > 0;
  return (
    <>
      <Table
        label={text('sulfur.title')}
        heads={[
          { id: 'school', words: text('sulfur.head.school') },
          { id: 'gross', words: text('sulfur.head.gross'), number: true },
          ...(owned ? [{ id: 'own', words: text('sulfur.head.own'), number: true }] : []),
        ]}
      >
        {sulfur.options.map(({ id, gross }) => (
          <OpenableRow key={id} columns={owned ? 3 : 2}>
            <tr className="border-b border-rule-2">
              <Cell>{text(`sulfur.school.${id}`)}</Cell>
              {'absent' in gross ? (
                <td className="px-1.5 py-1 text-right text-small text-ink-2">
                  {messageText(gross.absent, plan.workings)}
                </td>
              ) : (
                <Cell number>
                  <Figure id={gross.id} />
                </Cell>
              )}
              {owned && <Cell number>{ownMore[id] && <Figure id={ownMore[id].id} signed />}</Cell>}
            </tr>
          </OpenableRow>
        ))}
      </Table>
      <Openable>
        <p className="mt-1.5 max-w-2xl text-small text-ink-2">
          <FigureText
            message={{
              id: 'sulfur.firstAim',
              params: { aim: { working: sulfur.target.id }, first: { working: sulfur.first.id } },
            }}
          />{' '}
          {text('sulfur.notOne')}
        </p>
      </Openable>
      <ByLearned sulfur={sulfur} />
      <OwnSulfur />
    </>
  );
}

/** To dose by what this ground's own tests show, with the reason; offered where they show it. */
function ByLearned({ sulfur }: { sulfur: SulfurTreatment }): ReactNode {
  const { area, state } = useCase();
  const by = (part: 'value' | 'reason') =>
    decisionPlace(state.doc, area.area.id, 'sulfur-by', part);
  const isChosen = by('value').value !== '';
  if (!isChosen && !sulfur.options.some(({ id }) => id === 'learned')) return null;
  return (
    <div className="mt-2 flex flex-wrap gap-4">
      <SelectField
        label={text('learned.sulfurBy')}
        place={by('value')}
        options={named('sulfurBy', ['', 'learned'])}
      />
      {isChosen && <TextField label={text('learned.reason')} place={by('reason')} width="wide" />}
    </div>
  );
}

/** An amount of sulfur of the advisor's own. */
export function OwnSulfur(): ReactNode {
  return (
    <OwnAmount what="sulfur-own" label={text('sulfur.ownAmount')} unit={text('unit.lb/100ft2')} />
  );
}

/** Whether sulfur is a question where plants do not ask for acidic soil. */
export function SulfurWanted(): ReactNode {
  const { area, state } = useCase();
  return (
    <>
      <SelectField
        label={text('sulfur.wanted')}
        place={decisionPlace(state.doc, area.area.id, 'sulfur-wanted')}
        options={named('sulfurWanted', ['', 'yes'])}
        width="wide"
      />
      <p className="mt-2 max-w-2xl text-small text-ink-2">{text('sulfur.wantedNote')}</p>
    </>
  );
}

function Material({ row }: { row: SulfurMaterialRow }): ReactNode {
  return (
    <ChoiceRow
      what="sulfur-material"
      value={row.id}
      chosen={row.chosen}
      disabled={row.refused}
      words={materialWords(row)}
      below={row.refused ? text('sulfur.aluminumNever') : materialNote(row)}
      columns={4}
    >
      <Cell number>
        {row.sulfate ? (
          <FigureText
            message={{ id: 'sulfur.forOne', params: { each: { working: row.bag.worth.id } } }}
          />
        ) : (
          <Figure id={row.bag.worth.id} />
        )}
      </Cell>
      <BagCells row={row} />
    </ChoiceRow>
  );
}

function WithWhat({ sulfur }: { sulfur: SulfurTreatment }): ReactNode {
  const { area } = useCase();
  return (
    <>
      <Table
        label={text('ph.withWhat')}
        heads={[
          { id: 'material', words: text('ph.head.material') },
          { id: 'percent', words: text('sulfur.head.percent'), number: true },
          {
            id: 'here',
            words: text(area.ground.known ? 'sulfur.head.here' : 'sulfur.head.each'),
            number: true,
          },
          { id: 'bags', words: text('ph.head.bags'), number: true },
        ]}
      >
        {sulfur.materials.map((row) => (
          <Material key={row.id} row={row} />
        ))}
      </Table>
      <LabelFields material={sulfur.chosenMaterial.id} percentUnit={text('unit.%')} />
    </>
  );
}

/** The sulfur of ground whose plants want a sourer soil. */
export function Sulfur({ sulfur }: { sulfur: SulfurTreatment }): ReactNode {
  const { area, state } = useCase();
  const dosed = sulfur.verdict === 'dose';
  const own = decisionPlace(state.doc, area.area.id, 'sulfur-own').value;
  return (
    <>
      <Section title={text('sulfur.worthIt')}>
        <WorthIt sulfur={sulfur} />
      </Section>
      {(dosed || own !== '') && (
        <Section title={text('ph.howMuch')}>
          <Schools sulfur={sulfur} />
        </Section>
      )}
      {dosed && (
        <>
          <Section title={text('ph.withWhat')}>
            <WithWhat sulfur={sulfur} />
          </Section>
          {sulfur.applications.length > 0 && (
            <Section title={text('ph.when')}>
              <ApplicationTable parts={[sulfur]} known={area.ground.known} />
            </Section>
          )}
        </>
      )}
    </>
  );
}
