'use client';

import { headlinesOf } from '../../../core/tell/headlines';
import type { MethodRow } from '../../../core/treat/lime/types';
import type { ReactNode } from 'react';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { useOffice } from '../../slip/useOffice';
import { Section, StepHead } from '../../kit/Section';
import { Cell, Table } from '../../kit/Table';
import { PH_SCALE, Track } from '../../kit/Track';
import { Figure } from '../../working/Figure';
import { msg } from '../../../core/kernel/messages/msg';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { ChoiceRow } from '../fields/ChoiceRow';
import { ApplicationTable } from '../shared/ApplicationTable';
import { TextField } from '../fields/Fields';
import { Findings } from '../shared/Findings';
import { decisionPlace } from '../context/places';
import { LimeMaterials } from './LimeMaterials';
import { Outlook } from './Outlook';
import { OwnAmount } from '../fields/OwnAmount';
import { SettleButton } from '../shared/SettleButton';
import { OwnSulfur, Sulfur, SulfurWanted } from './Sulfur';

function Standing(): ReactNode {
  const { area, state } = useCase();
  const { waterPh, phUncertainty } = area.readings;
  const { target } = area.treatments.sulfur ?? area.treatments.lime;
  const value = 'absent' in waterPh ? undefined : waterPh.value.value;
  const aim = 'absent' in target ? undefined : target.value.value;
  const { window, edges } = area.goal;
  const half = 'absent' in phUncertainty ? 0 : phUncertainty.value.value;
  return (
    <>
      <Openable>
        <div className="mb-1 flex flex-wrap items-center gap-x-5 gap-y-1">
          <span>
            {text('ph.measured')}
            <Figure id={waterPh.id} bold />
            {value !== undefined && (
              <>
                {text('ph.plusMinus')}
                <Figure id={phUncertainty.id} bare />
              </>
            )}
          </span>
          <span className="text-spruce">
            <FigureText
              message={msg('ph.window', {
                plant: msg(`plant.${(area.goal.governs ?? area.plant).id}`),
                low: { working: edges.low.id },
                high: { working: edges.high.id },
              })}
            />
          </span>
        </div>
        <Track
          window={window}
          scale={PH_SCALE}
          value={value}
          whisker={value === undefined ? undefined : { low: value - half, high: value + half }}
          target={aim}
          label={text('ph.trackLabel')}
        />
      </Openable>
      {!area.treatments.sulfur && (
        <div className="mt-2 flex flex-wrap gap-5">
          <TextField
            label={text('ph.target')}
            place={decisionPlace(state.doc, area.area.id, 'lime-target')}
            hint={
              aim === undefined
                ? messageText('absent' in target ? target.absent : { id: 'figure.none' })
                : text('ph.now', { value: aim.toFixed(1) })
            }
          />
          <TextField
            label={text('ph.depth')}
            place={decisionPlace(state.doc, area.area.id, 'lime-depth')}
            unit={text('unit.in')}
            hint={
              'absent' in area.treatments.lime.treatedDepth
                ? ''
                : text('ph.now', { value: String(area.treatments.lime.treatedDepth.value.value) })
            }
          />
        </div>
      )}
    </>
  );
}

function MethodCells({ row }: { row: MethodRow }): ReactNode {
  const { option, chosen, total, difference, costDifference } = row;
  const { advised, requirement } = option;
  return (
    <>
      <Cell number>{option.asPrinted && <Figure id={option.asPrinted.id} />}</Cell>
      <Cell number>
        <Figure id={advised.id} />
        {requirement.id !== advised.id && (
          <span className="block text-small font-normal">
            {text('ph.of')}
            <Figure id={requirement.id} />
          </span>
        )}
      </Cell>
      <Cell number>
        <Figure id={total.id} bold={chosen} />
      </Cell>
      <Cell number>
        {chosen ? text('ph.chosen') : <Figure id={difference.id} signed />}
        {costDifference && (
          <span className="block text-small font-normal">
            <Figure id={costDifference.id} signed />
          </span>
        )}
      </Cell>
    </>
  );
}

function Method({ row }: { row: MethodRow }): ReactNode {
  const { plan, area, state } = useCase();
  const { option, chosen } = row;
  const absent = 'absent' in option.advised;
  const decided = decisionPlace(state.doc, area.area.id, 'lime-method').value === option.id;
  return (
    <ChoiceRow
      what="lime-method"
      value={option.id}
      chosen={chosen && (!absent || decided)}
      disabled={absent && !decided}
      words={text(`method.${option.id}`)}
      columns={5}
    >
      {'absent' in option.advised ? (
        <td colSpan={4} className="px-1.5 py-1 text-right text-small font-normal text-ink-2">
          {messageText(option.advised.absent, plan.workings)}
        </td>
      ) : (
        <MethodCells row={row} />
      )}
    </ChoiceRow>
  );
}

function HowMuch(): ReactNode {
  const { area, state } = useCase();
  const { methods } = area.treatments.lime;
  const labTyped = area.readings.limeRecommendation.typed.text.trim() !== '';
  const ownTyped = decisionPlace(state.doc, area.area.id, 'lime-own').value !== '';
  const { volunteers } = useOffice();
  // The method is the office's: where volunteers work, the others are not offered.
  const offered = volunteers ? methods.filter(({ chosen }) => chosen) : methods;
  const shown = offered.filter(({ option, chosen }) =>
    option.id === 'laboratory' ? labTyped || chosen : option.id !== 'own' || ownTyped || chosen,
  );
  return (
    <>
      <Table
        label={text('ph.howMuch')}
        heads={[
          { id: 'method', words: text('ph.head.method') },
          { id: 'printed', words: text('ph.head.printed'), number: true },
          { id: 'treated', words: text('ph.head.treated'), number: true },
          {
            id: 'here',
            words: text(area.ground.known ? 'ph.head.here' : 'ph.head.each'),
            number: true,
          },
          { id: 'against', words: text('ph.head.against'), number: true },
        ]}
      >
        {shown.map((row) => (
          <Method key={row.option.id} row={row} />
        ))}
      </Table>
      <p className="mt-1.5 text-small text-ink-2">{text('ph.recalled')}</p>
      {decisionPlace(state.doc, area.area.id, 'lime-method').value === 'learned' && (
        <div className="mt-2">
          <TextField
            label={text('learned.reason')}
            place={decisionPlace(state.doc, area.area.id, 'lime-method', 'reason')}
            width="wide"
          />
        </div>
      )}
      <OwnAmount what="lime-own" label={text('ph.ownAmount')} unit={text('unit.lb/1000ft2')} />
    </>
  );
}

/** The lime: where the soil stands, how much by which method, with what, and when. */
export function PhStep(): ReactNode {
  const { area, state } = useCase();
  const { lime, sulfur } = area.treatments;
  const method = lime.methods.find(({ chosen }) => chosen);
  const hasAmount =
    lime.verdict !== 'none-needed' && !!method && !('absent' in method.option.advised);
  const ownSulfurTyped = decisionPlace(state.doc, area.area.id, 'sulfur-own').value !== '';
  return (
    <>
      <Openable>
        <StepHead
          title={<FigureText message={headlinesOf(area).ph} />}
          below={
            lime.verdict === 'dose' &&
            !sulfur && (
              <>
                <Figure id={lime.rate.id} />
                {area.plant.form === 'plot' && (
                  <>
                    {text('ph.or')}
                    <Figure id={lime.brings.tonsPerAcre.id} />
                  </>
                )}
                {text('ph.rateAfter')}
              </>
            )
          }
          act={<SettleButton what={sulfur ? 'sulfur-settled' : 'ph-settled'} />}
        />
      </Openable>
      <Findings step="ph" />
      <Section title={text('ph.where')}>
        <Standing />
      </Section>
      {!area.goal.acid && lime.standing === 'high' && (
        <Section title={text('sulfur.question')}>
          <SulfurWanted />
        </Section>
      )}
      {sulfur && <Sulfur sulfur={sulfur} />}
      {!sulfur && ownSulfurTyped && (
        <Section title={text('sulfur.question')}>
          <OwnSulfur />
        </Section>
      )}
      {area.readings.begun && !sulfur && (
        <>
          <Section title={text('ph.howMuch')}>
            <HowMuch />
          </Section>
          {hasAmount && (
            <Section title={text('ph.withWhat')}>
              <LimeMaterials />
            </Section>
          )}
          {lime.applications.length > 0 && (
            <Section title={text('ph.when')}>
              <ApplicationTable parts={[lime]} known={area.ground.known} />
              <p className="mt-1.5 text-small text-ink-2">
                {text('ph.worksIn', { from: lime.worksIn.from, to: lime.worksIn.to })}
              </p>
            </Section>
          )}
        </>
      )}
      {area.outlook.length > 0 && (
        <Section title={text('outlook.title')}>
          <Outlook />
        </Section>
      )}
    </>
  );
}
