'use client';

import type { School } from '../../../core/treat/fertilizer/schools/school';
import { useId, type ReactNode } from 'react';
import type { NeedRow } from '../../../core/treat/fertilizer/need';
import { NUTRIENTS, type Nutrient } from '../../../core/catalog/nutrients';
import { SCHOOLS } from '../../../core/treat/fertilizer/schools';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Cell, Table } from '../../kit/Table';
import { Figure } from '../../working/Figure';
import { OpenableRow } from '../../working/Openable';
import { useCase } from '../context/caseContext';
import { ChoiceRow } from '../fields/ChoiceRow';

const COLUMNS = 4;

/** A rate, or in few words why there is none. */
function Rate({ figure, bold }: { figure: NeedRow['pack']; bold: boolean }): ReactNode {
  const { plan } = useCase();
  if (!('absent' in figure)) return <Figure id={figure.id} bold={bold} />;
  return (
    <span className="text-small font-normal whitespace-normal text-ink-2">
      {messageText(figure.absent, plan.workings)}
    </span>
  );
}

/** What one school gives of each nutrient, and by how many pounds it differs here from the one followed. */
function SchoolRow({ school }: { school: School }): ReactNode {
  const { rows, source } = useCase().area.treatments.fertilizer.needs;
  const chosen = school === source;
  const row = (nutrient: Nutrient): NeedRow => rows[nutrient] as NeedRow;
  return (
    <ChoiceRow
      what="feed-source"
      value={school}
      chosen={chosen}
      words={text(`school.${school}`)}
      below={text(`school.${school}.help`)}
      columns={COLUMNS}
    >
      {NUTRIENTS.map((nutrient) => {
        const { by, more } = row(nutrient);
        const differs = more[school];
        const told = !chosen && !('absent' in differs) && differs.value.value !== 0;
        return (
          <Cell key={nutrient} number>
            <Rate figure={by[school]} bold={chosen} />
            {told && (
              <span className="block text-small font-normal">
                <Figure id={differs.id} signed /> {text('feed.here')}
              </span>
            )}
          </Cell>
        );
      })}
    </ChoiceRow>
  );
}

const SUM_WORDS = {
  credit: 'feed.creditSoil',
  given: 'feed.givenYear',
  organic: 'feed.organicCredit',
  need: 'feed.stillNeed',
} as const;

/** What the soil holds, what went on this year, or what is still to give, of each nutrient. */
function SumRow({ what }: { what: keyof typeof SUM_WORDS }): ReactNode {
  const { rows } = useCase().area.treatments.fertilizer.needs;
  const id = useId();
  const figures = NUTRIENTS.map((nutrient) => (rows[nutrient] as NeedRow)[what]);
  if (figures.every((figure) => figure === undefined || 'absent' in figure)) return null;
  return (
    <OpenableRow columns={COLUMNS}>
      <tr className={what === 'need' ? 'border-t border-rule font-semibold' : ''}>
        <Cell>{text(SUM_WORDS[what])}</Cell>
        {figures.map((figure, index) => (
          <Cell key={`${id}-${NUTRIENTS[index] ?? ''}`} number>
            {figure && !('absent' in figure) && <Figure id={figure.id} bold={what === 'need'} />}
          </Cell>
        ))}
      </tr>
    </OpenableRow>
  );
}

/** Whether a school says anything of this ground; the pack and what is followed always stand. */
function isSaid(rows: readonly NeedRow[], school: School): boolean {
  if (school === 'pack') return true;
  // What it takes from the pack as it is says nothing of its own.
  return rows.some(({ by }) => !('absent' in by[school]) && by[school] !== by.pack);
}

/** N, P2O5 and K2O of a year by each school, side by side; one of them is followed. */
export function NeedTable(): ReactNode {
  const { area } = useCase();
  const { rows, source } = area.treatments.fertilizer.needs;
  const list = NUTRIENTS.map((nutrient) => rows[nutrient] as NeedRow);
  const schools = SCHOOLS.filter((school) => school === source || isSaid(list, school));
  return (
    <>
      <Table
        label={text('feed.school')}
        heads={[
          { id: 'school', words: text('feed.head.school') },
          ...NUTRIENTS.map((nutrient) => ({
            id: nutrient,
            words: text(`nutrient.${nutrient}`),
            number: true,
          })),
        ]}
      >
        {schools.map((school) => (
          <SchoolRow key={school} school={school} />
        ))}
        <SumRow what="credit" />
        <SumRow what="given" />
        <SumRow what="organic" />
        {!area.treatments.fertilizer.hold && <SumRow what="need" />}
      </Table>
      <p className="mt-1.5 text-small text-ink-2">{text('feed.perYear')}</p>
    </>
  );
}
