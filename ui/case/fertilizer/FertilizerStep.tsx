'use client';

import { headlinesOf } from '../../../core/tell/headlines';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Button } from '../../kit/Button';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Section, StepHead } from '../../kit/Section';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
import { useOffice } from '../../slip/useOffice';
import { useCase } from '../context/caseContext';
import { ApplicationTable } from '../shared/ApplicationTable';
import { FertilizerChoices } from './FertilizerChoices';
import { FertilizerProducts } from './FertilizerProducts';
import { Findings } from '../shared/Findings';
import { NeedTable } from './NeedTable';
import { packName } from '../../packs/packName';
import { PurchaseTable } from '../shared/PurchaseTable';
import { SettleButton } from '../shared/SettleButton';
import { SoilTest } from './SoilTest';

const BestBuy = lazy(() => import('../buy/BestBuy').then((file) => ({ default: file.BestBuy })));

/** Why there is nothing to work out, or by whose rates it is. */
function below(step: ReturnType<typeof useCase>): string {
  const { area, plan } = step;
  const { verdict, needs } = area.treatments.fertilizer;
  if (verdict === 'absent' && 'absent' in needs.need.N) {
    return messageText(needs.need.N.absent, plan.workings);
  }
  if (needs.source === 'laboratory') return text('feed.byLaboratory');
  const of = { pack: packName(area.pack), version: area.pack.version };
  return needs.source === 'pack'
    ? text('feed.byPack', of)
    : text('feed.bySchool', { ...of, school: text(`school.${needs.source}`) });
}

const Organics = lazy(() =>
  import('../organics/Organics').then((file) => ({ default: file.Organics })),
);
const LiquidFeed = lazy(() =>
  import('../liquid/LiquidFeed').then((file) => ({ default: file.LiquidFeed })),
);
const Habit = lazy(() => import('../habit/Habit').then((file) => ({ default: file.Habit })));

interface AskedProps {
  readonly title: string;
  /** What the button says that opens it. */
  readonly ask: string;
  /** Something of it is there already. */
  readonly isThere: boolean;
  readonly children: ReactNode;
}

/** A part that is open where something of it is there, or somebody asks: nothing of it is loaded before. */
function Asked({ title, ask, isThere, children }: AskedProps): ReactNode {
  const [open, setOpen] = useState(isThere);
  return (
    <Section title={title} wide={open}>
      {open ? (
        <Suspense fallback={null}>{children}</Suspense>
      ) : (
        <Button onClick={() => setOpen(true)}>{ask}</Button>
      )}
    </Section>
  );
}

/** The season's nitrogen, phosphate and potash: how much, with what, when. */
export function FertilizerStep(): ReactNode {
  const step = useCase();
  const { volunteers } = useOffice();
  const { area, state } = step;
  const { ground, treatments, loads, covers, liquid, habit } = area;
  const feed = treatments.fertilizer;
  return (
    <>
      <Openable>
        <StepHead
          title={<FigureText message={headlinesOf(area).feeding} />}
          below={below(step)}
          act={<SettleButton what="feeding-settled" />}
        />
      </Openable>
      <Findings step="feeding" />
      <Section title={text('feed.soil')}>
        <SoilTest />
      </Section>
      <Asked
        title={text('organics.title')}
        ask={text('organics.open')}
        isThere={loads.length + covers.length > 0}
      >
        <Organics />
      </Asked>
      <Section title={text('ph.howMuch')}>
        <FertilizerChoices />
        <NeedTable />
      </Section>
      {feed.verdict === 'dose' && (
        <>
          <Section title={text('ph.withWhat')}>
            <FertilizerProducts />
          </Section>
          <Section title={text('ph.when')}>
            <ApplicationTable parts={feed.chosen.parts} known={ground.known} />
          </Section>
          {(ground.known || ground.rows) && (
            <>
              <Section title={text('buy.title')}>
                <PurchaseTable />
              </Section>
              <Asked
                title={text('buy.whole')}
                ask={text('buy.openWhole')}
                isThere={state.doc.bought.kind !== ''}
              >
                <BestBuy />
              </Asked>
            </>
          )}
        </>
      )}
      <Asked title={text('liquid.title')} ask={text('liquid.open')} isThere={liquid !== undefined}>
        <LiquidFeed />
      </Asked>
      {feed.verdict !== 'absent' && !volunteers && (
        <Asked title={text('habit.title')} ask={text('habit.open')} isThere={habit !== undefined}>
          <Habit />
        </Asked>
      )}
    </>
  );
}
