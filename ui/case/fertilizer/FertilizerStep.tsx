'use client';

import { headlinesOf } from '../../../core/tell/headlines';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Button } from '../../kit/Button';
import { messageText } from '../../format/message';
import { text } from '../../format/text';
import { Section, StepHead } from '../../kit/Section';
import { FigureText } from '../../working/FigureText';
import { Openable } from '../../working/Openable';
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

const Habit = lazy(() => import('../habit/Habit').then((file) => ({ default: file.Habit })));

const Organics = lazy(() =>
  import('../organics/Organics').then((file) => ({ default: file.Organics })),
);

/** Compost, manure and cover crops: opened where there are any, or somebody asks. */
function FromOrganics(): ReactNode {
  const { area } = useCase();
  const [open, setOpen] = useState(area.loads.length + area.covers.length > 0);
  return (
    <Section title={text('organics.title')} wide={open}>
      {open ? (
        <Suspense fallback={null}>
          <Organics />
        </Suspense>
      ) : (
        <Button onClick={() => setOpen(true)}>{text('organics.open')}</Button>
      )}
    </Section>
  );
}

/** What one product does in some years: opened where somebody asks for it. */
function OneProduct(): ReactNode {
  const { area } = useCase();
  const [open, setOpen] = useState(area.habit !== undefined);
  return (
    <Section title={text('habit.title')} wide={open}>
      {open ? (
        <Suspense fallback={null}>
          <Habit />
        </Suspense>
      ) : (
        <Button onClick={() => setOpen(true)}>{text('habit.open')}</Button>
      )}
    </Section>
  );
}

/** The search for the best buy: nothing of it is loaded before somebody asks for it. */
function WholeJob(): ReactNode {
  const { state } = useCase();
  const [open, setOpen] = useState(state.doc.bought.kind !== '');
  return (
    <Section title={text('buy.whole')} wide={open}>
      {open ? (
        <Suspense fallback={null}>
          <BestBuy />
        </Suspense>
      ) : (
        <Button onClick={() => setOpen(true)}>{text('buy.openWhole')}</Button>
      )}
    </Section>
  );
}

/** The season's nitrogen, phosphate and potash: how much, with what, when. */
export function FertilizerStep(): ReactNode {
  const step = useCase();
  const { area } = step;
  const { ground, treatments } = area;
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
      <FromOrganics />
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
              <WholeJob />
            </>
          )}
        </>
      )}
      {feed.verdict !== 'absent' && <OneProduct />}
    </>
  );
}
