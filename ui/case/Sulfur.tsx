'use client';

import type { ReactNode } from 'react';
import type { SulfurMaterialRow, SulfurPlan } from '../../core/ph/types';
import { text } from '../format/text';
import { Section } from '../parts/Section';
import { Cell, Table } from '../parts/Table';
import { Figure } from '../working/Figure';
import { FigureText } from '../working/FigureText';
import { Openable, OpenableRow } from '../working/Openable';
import { useCase } from './caseContext';
import { BagCells, LabelFields } from './BagParts';
import { ChoiceRow } from './ChoiceRow';
import { DoseTable } from './DoseTable';
import { SelectField } from './Fields';
import { decisionPlace } from './places';
import { named } from './reportChoices';

/** Whether sulfur can work in this soil: the one question, and what can be done instead. */
function WorthIt({ sulfur }: { sulfur: SulfurPlan }): ReactNode {
  const { area, state } = useCase();
  return (
    <>
      <SelectField
        label={text('sulfur.fizz')}
        place={decisionPlace(state.doc, area.area.id, 'fizz')}
        options={named('fizz', ['', 'no', 'yes'])}
      />
      {sulfur.verdict === 'refused' && <p className="mt-2 max-w-2xl">{text('sulfur.instead')}</p>}
      <p className="mt-2 max-w-2xl text-small text-ink-2">{text('sulfur.myths')}</p>
    </>
  );
}

/** What each school asks for in all. */
function Schools({ sulfur }: { sulfur: SulfurPlan }): ReactNode {
  return (
    <>
      <Table
        label={text('sulfur.title')}
        heads={[
          { id: 'school', words: text('sulfur.head.school') },
          { id: 'gross', words: text('sulfur.head.gross'), number: true },
        ]}
      >
        {sulfur.options.map(({ id, gross }) => (
          <OpenableRow key={id} columns={2}>
            <tr className="border-b border-rule-2">
              <Cell>{text(`sulfur.school.${id}`)}</Cell>
              <Cell number>
                <Figure id={gross.id} />
              </Cell>
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
    </>
  );
}

function Material({ row }: { row: SulfurMaterialRow }): ReactNode {
  return (
    <ChoiceRow
      what="sulfur-material"
      value={row.id}
      chosen={row.chosen}
      words={text(`material.${row.id}`)}
      below={text(`why.${row.id}`)}
      columns={4}
    >
      <Cell number>
        <Figure id={row.bag.percent.id} />
      </Cell>
      <BagCells row={row} />
    </ChoiceRow>
  );
}

function WithWhat({ sulfur }: { sulfur: SulfurPlan }): ReactNode {
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
export function Sulfur({ sulfur }: { sulfur: SulfurPlan }): ReactNode {
  const { area } = useCase();
  const dosed = sulfur.verdict === 'dose';
  return (
    <>
      <Section title={text('sulfur.worthIt')}>
        <WorthIt sulfur={sulfur} />
      </Section>
      {dosed && (
        <>
          <Section title={text('ph.howMuch')}>
            <Schools sulfur={sulfur} />
          </Section>
          <Section title={text('ph.withWhat')}>
            <WithWhat sulfur={sulfur} />
          </Section>
          {sulfur.doses.length > 0 && (
            <Section title={text('ph.when')}>
              <DoseTable parts={[sulfur]} known={area.ground.known} />
            </Section>
          )}
        </>
      )}
    </>
  );
}
