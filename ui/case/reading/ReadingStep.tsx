'use client';

import type { ReactNode } from 'react';
import { usualSoilGroup } from '../../../core/catalog/packs/soilGroups';
import { valueOf } from '../../../core/kernel/working/working';
import { soilGroupsOf } from '../../../core/reading/soilTest';
import type { ReadingLine } from '../../../core/reading/types';
import type { Judgement } from '../../../core/judge/judgements';
import { SOURCES } from '../../../core/kernel/sources';
import { OPINION_VALUES, RETEST_YEARS, OPINIONS } from '../../../core/catalog/packs/opinions';
import { messageText } from '../../format/message';
import { nameFrom, text } from '../../format/text';
import { Section, StepHead } from '../../kit/Section';
import { Printed } from '../../kit/Printed';
import { PH_SCALE, Track, type Scale } from '../../kit/Track';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { SelectField } from '../fields/Fields';
import { AdvisorsOnly } from '../shared/AdvisorsOnly';
import { Findings } from '../shared/Findings';
import { NextButton } from '../shared/NextButton';
import { decisionPlace } from '../context/places';
import { Yardstick } from './Yardstick';

/** A scale that holds all ends and the value. */
function scaleFor(ends: readonly number[], value: number): Scale {
  const last = ends[ends.length - 1] ?? 1;
  return { from: 0, to: Math.max(last * 1.35, value * 1.1), ticks: [0, ...ends] };
}

/** Where the thresholds of a line are printed. */
function PrintedIn({ line }: { line: ReadingLine }): ReactNode {
  const { by } = line;
  if (!by) return null;
  const { citation, standing } = SOURCES[by.source];
  return <Printed {...by} citation={citation} standing={standing} />;
}

function LineTrack({ line }: { line: ReadingLine }): ReactNode {
  const { track, value, analyte } = line;
  if (!track || 'absent' in value) return null;
  return (
    <Track
      window={track.window}
      scale={analyte === 'ph' ? PH_SCALE : scaleFor(track.ends, value.value.value)}
      value={value.value.value}
      whisker={value.range}
      width={240}
      label={text('reading.track', { what: text(`read.${analyte}`) })}
    />
  );
}

/** The bar before a line by how much it stands in the way; what can hurt has another colour. */
function bar({ analyte, limits }: ReadingLine): string {
  if (limits < 2) return limits === 0 ? 'border-l-transparent' : 'border-l-rule';
  return analyte === 'pb' ? 'border-l-madder' : 'border-l-ochre';
}

/** One line of the reading: its name, its track, its sentence, what follows, where it is printed. */
function Line({ line }: { line: ReadingLine }): ReactNode {
  const { analyte, sentence, then, limits, excess = [] } = line;
  return (
    <li
      className={`grid gap-x-5 border-b border-l-3 border-b-rule-2 py-2 pl-3 margin:grid-cols-[6.5rem_1fr_15rem] ${bar(line)}`}
    >
      <h3 className="font-semibold">
        {text(`read.${analyte}`)}
        {limits > 1 && analyte !== 'pb' && (
          <span className="block text-small font-normal text-ochre">
            {text('reading.limits', { limits })}
          </span>
        )}
      </h3>
      <div className="min-w-0">
        <Openable>
          <p>
            <FigureText message={sentence} bold />
          </p>
          {then && (
            <p>
              <FigureText message={then} />
            </p>
          )}
          {excess.map((each) => (
            <p key={each.id}>
              <FigureText message={each} />
            </p>
          ))}
        </Openable>
        <PrintedIn line={line} />
      </div>
      <div className="max-margin:mt-1">
        <LineTrack line={line} />
      </div>
    </li>
  );
}

/** The bar before what the client is told, by how grave it is. */
const TOLD_BARS: Readonly<Record<Judgement['weight'], string>> = {
  harm: 'border-l-madder',
  limits: 'border-l-ochre',
  hint: 'border-l-rule',
};

/** What follows for the client from the report and from what was seen: the very sentences of the page. */
function Told(): ReactNode {
  const { judgements } = useCase().area;
  if (judgements.length === 0) return null;
  return (
    <Section title={text('reading.told')}>
      <ul>
        {judgements.map(({ id, weight, source, says }) => (
          <li
            key={id}
            className={`border-b border-l-3 border-b-rule-2 py-1 pl-3 ${TOLD_BARS[weight]}`}
          >
            <Openable>
              <p className="font-serif text-slip">
                <FigureText message={says} plain />
              </p>
            </Openable>
            <p className="text-small text-ink-2">{SOURCES[source].citation}</p>
          </li>
        ))}
      </ul>
    </Section>
  );
}

/** The group of soils, where the pack reads each apart. */
function SoilGroup(): ReactNode {
  const { area, state } = useCase();
  const groups = soilGroupsOf(area.pack);
  if (groups.length === 0) return null;
  const usual = usualSoilGroup(groups, area.readings.texture, valueOf(area.readings.cec)?.value);
  const words = (group: string): string => nameFrom('soilGroup', group);
  const byReport = usual ? text('soilGroup.byReport', { group: words(usual) }) : words('');
  return (
    <SelectField
      width="wide"
      label={text('soilGroup')}
      place={decisionPlace(state.doc, area.area.id, 'soil-group')}
      options={[
        { value: '', words: byReport },
        ...groups.map((value) => ({ value, words: words(value) })),
      ]}
    />
  );
}

/** Thresholds on which practitioners differ, of what the report holds by the extractant that they are for. */
function Opinions(): ReactNode {
  const { area, state } = useCase();
  const { readings } = area;
  const methods = {
    'opinion-k': readings.k.typed ? readings.k.method : '',
    'opinion-p': readings.p.typed ? readings.p.method : '',
    'opinion-cu': readings.methods.cu ?? '',
    'opinion-mn': readings.methods.mn ?? '',
  };
  const here = OPINIONS.filter((what) => OPINION_VALUES[what].methods.includes(methods[what]));
  const usual = text('retest.usual', { ...area.nextTest.usual });
  return (
    <Section title={text('opinion.title')}>
      <div className="flex flex-wrap gap-x-5 gap-y-3">
        {here.map((what) => (
          <SelectField
            key={what}
            label={text(`opinion.${what}`)}
            place={decisionPlace(state.doc, area.area.id, what)}
            options={[{ id: '' }, ...OPINION_VALUES[what].others].map(({ id }) => ({
              value: id,
              words: nameFrom('opinion', `${what}.${id}`),
            }))}
          />
        ))}
        <SelectField
          label={text('retest.label')}
          place={decisionPlace(state.doc, area.area.id, 'retest')}
          options={[
            { value: '', words: usual },
            ...RETEST_YEARS.map((value) => ({ value, words: text(`retest.${value}`) })),
          ]}
        />
      </div>
      <p className="mt-1.5 text-small text-ink-2">{text('opinion.help')}</p>
    </Section>
  );
}

function Clues(): ReactNode {
  const { clues } = useCase().area.reading;
  if (clues.length === 0) return null;
  return (
    <Section title={text('reading.clues')}>
      <ul className="grid gap-1">
        {clues.map((clue) => (
          <li key={clue.id}>{messageText(clue)}</li>
        ))}
      </ul>
      <p className="mt-1.5 text-small text-ink-2">{text('reading.cluesHelp')}</p>
    </Section>
  );
}

/** The report read in its fixed order, a sentence for each value, the most limiting first in the head. */
export function ReadingStep(): ReactNode {
  const { area } = useCase();
  const { reading, readings } = area;
  const nothing = readings.untested ? 'reading.untested' : 'reading.none';
  return (
    <>
      <Openable>
        <StepHead
          title={reading.summary ? <FigureText message={reading.summary} /> : text('reading.title')}
          below={reading.summary ? text('reading.inOrder') : text(nothing)}
          act={<NextButton />}
        />
      </Openable>
      <Findings step="reading" />
      {reading.lines.length > 0 && (
        <ul className="mb-5">
          {reading.lines.map((line) => (
            <Line key={line.analyte} line={line} />
          ))}
        </ul>
      )}
      <Told />
      {!readings.untested && (
        <Section title={text('reading.yardstick')}>
          <div className="grid gap-3">
            <SoilGroup />
            <Yardstick />
          </div>
        </Section>
      )}
      <AdvisorsOnly>
        <Opinions />
      </AdvisorsOnly>
      <Clues />
    </>
  );
}
