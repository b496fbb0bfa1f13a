'use client';

import {
  lazy,
  Suspense,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  type RefObject,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import { parseDate } from '../../core/kernel/typed/date';
import { STEPS } from '../../core/kernel/working/finding';
import { followingStep } from '../../core/tell/steps';
import type { StepId } from '../../core/kernel/working/finding';
import type { CaseSession } from '../../store/session';
import { useCommands, type Command } from '../commands/registry';
import { formatDate } from '../format/date';
import { text } from '../format/text';
import { useOffice } from '../slip/useOffice';
import { usePageVoice } from '../slip/usePageVoice';
import { SlipPage } from './slip/SlipPage';
import { WorkingProvider } from '../working/openWorking';
import { Contained } from '../shell/Contained';
import { BrokenCase, BrokenGround, brokenName } from './BrokenGround';
import { CaseProvider, useCase, type CaseState } from './context/caseContext';
import { CaseStatus } from './CaseStatus';
import { AllGround } from './AllGround';
import { areaName } from '../format/areaName';
import { GroundRail } from './GroundRail';
import { Margin, MarginBar } from './Margin';
import { StepRow } from './StepRow';
import { fetchSteps, STEP_SCREENS } from './steps';
import { usePrinting } from './usePrinting';
import { WORKSHEET, worksheetStops } from './context/useField';

/** Fetched where volunteers work. */
const Terms = lazy(() => import('../learn/Terms').then((file) => ({ default: file.Terms })));

const STEP_LETTERS: Readonly<Record<StepId, string>> = {
  ground: 'G',
  sample: 'A',
  results: 'R',
  reading: 'E',
  ph: 'P',
  feeding: 'F',
  calendar: 'L',
  slip: 'S',
  diary: 'Y',
};

function stepCommands(
  go: (step: StepId) => void,
  session: CaseSession,
  fold: () => void,
): readonly Command[] {
  return [
    ...STEPS.map((step, index) => ({
      id: `step-${step}`,
      label: text(`command.step.${step}`),
      keys: [STEP_LETTERS[step], `Alt+${index + 1}`],
      run: () => go(step),
    })),
    { id: 'fold', label: text('command.fold'), keys: ['M'], run: fold },
    { id: 'undo', label: text('command.undo'), keys: ['Ctrl+Z'], run: () => session.undo() },
    {
      id: 'redo',
      label: text('command.redo'),
      keys: ['Ctrl+Shift+Z', 'Ctrl+Y'],
      run: () => session.redo(),
    },
  ];
}

/** Puts the focus where a step's work begins: on its first field, or on the act that it wants. */
function focusWork(step: StepId): void {
  const act = document.querySelector<HTMLElement>(`#${WORKSHEET} [data-act]`);
  const [first] = worksheetStops();
  (step === 'ground' || step === 'results' ? first : act)?.focus();
}

interface ArrivalProps {
  readonly step: StepId;
  /** The case was just opened; the first arrival ends that. */
  readonly openingRef: RefObject<boolean>;
}

/** Once a step stands: puts the focus to work, and later fetches the other steps. */
function Arrival({ step, openingRef }: ArrivalProps): ReactNode {
  useEffect(() => {
    if (!openingRef.current) focusWork(step);
    openingRef.current = false;
  }, [step, openingRef]);
  useEffect(fetchSteps, []);
  return null;
}

function Title(): ReactNode {
  const { title, client, planFrom } = useCase().state.doc;
  const from = parseDate(planFrom);
  const planned =
    from.kind === 'value' ? text('case.planFrom', { date: formatDate(from.value) }) : '';
  const facts = [client.name, client.place, planned];
  return (
    <div className="flex min-w-0 items-baseline gap-4 px-4 pt-2">
      <p className="truncate font-serif text-case font-semibold">
        {title || text('case.untitled')}
      </p>
      <p className="truncate text-small text-ink-2">{facts.filter(Boolean).join(' · ')}</p>
    </div>
  );
}

/** The page for the client, drawn when it is printed from any step. */
function Paper(): ReactNode {
  const { doc } = useCase().state;
  const printing = usePrinting();
  // Paper cannot wait for words: they are fetched before anybody prints.
  usePageVoice(doc.client.language);
  if (!printing) return null;
  return (
    <div className="hidden print:block">
      <Contained part={text('broken.page')} attempt={doc}>
        <SlipPage />
      </Contained>
    </div>
  );
}

interface CaseScreenProps {
  readonly session: CaseSession;
  readonly step: StepId;
  readonly areaId: string | null;
  readonly go: (step: StepId, areaId?: string) => void;
}

/** An open case: rail, worksheet, margin. The plan is made anew on each change. */
export function CaseScreen({ session, step, areaId, go }: CaseScreenProps): ReactNode {
  const state = useSyncExternalStore(session.subscribe, session.getShown, session.getShown);
  const plan = useMemo(() => session.planOf(state.doc), [session, state.doc]);
  const { volunteers } = useOffice();
  const all = areaId === 'all' && step !== 'slip' && plan.areas.length > 1;
  const move = useCallback(
    (to: StepId, other?: string): void => {
      void session.flush();
      // From all ground a step leads to the first piece, since a step is one piece's.
      const first = all && other === undefined && to !== 'slip' ? '' : other;
      go(to, first);
    },
    [all, go, session],
  );
  // An old case opens with the focus at the top; a new one, and every later step, at its work.
  const openingRef = useRef(state.doc.title !== '');
  const [folded, setFolded] = useState(false);
  const onFold = useCallback(() => setFolded((before) => !before), []);
  useCommands(useMemo(() => stepCommands(move, session, onFold), [move, session, onFold]));
  const area = plan.areas.find((each) => each.area.id === areaId) ?? plan.areas[0];
  const broken = plan.broken.find((each) => each.area.id === areaId);
  const value = useMemo<CaseState | undefined>(() => {
    if (!area) return undefined;
    const next = (): void => move(followingStep(step) ?? step);
    return { session, state, plan, area, broken, all, step, go: move, next };
  }, [session, state, plan, area, broken, all, step, move]);
  if (!value) return <BrokenCase doc={state.doc} broken={plan.broken} />;
  const Step = all ? AllGround : STEP_SCREENS[step];
  return (
    <CaseProvider value={value}>
      <WorkingProvider key={`${step}/${areaId}`} workings={plan.workings}>
        <CaseStatus />
        <div className="flex min-h-[calc(100vh-2.75rem)] flex-col print:hidden margin:h-[calc(100vh-2.75rem)]">
          <div className="border-b border-rule bg-sheet">
            <Title />
            <div className="px-3 rail:pl-[14rem]">
              <StepRow />
            </div>
          </div>
          <div className="flex min-h-0 flex-1 max-rail:flex-col">
            <aside className="w-56 shrink-0 border-rule px-4 py-4 max-rail:w-full max-rail:border-b max-rail:py-2 rail:border-r">
              <div className="max-rail:hidden">
                <GroundRail />
              </div>
              <details className="rail:hidden">
                <summary className="cursor-pointer py-1 font-semibold">
                  {broken ? brokenName(broken) : all ? text('rail.all') : areaName(value.area)}
                </summary>
                <div className="pt-2">
                  <GroundRail />
                </div>
              </details>
            </aside>
            <main
              id={WORKSHEET}
              className="relative min-w-0 flex-1 bg-sheet px-6 py-4 margin:overflow-y-auto"
            >
              {broken && step !== 'slip' ? (
                <BrokenGround doc={state.doc} broken={broken} />
              ) : (
                <Contained
                  part={text('broken.step', { step: text(`step.${step}`) })}
                  attempt={state.doc}
                >
                  <Suspense fallback={<p aria-busy="true" />}>
                    {volunteers && <Terms step={step} />}
                    <Step />
                    <Arrival key={step} openingRef={openingRef} step={step} />
                  </Suspense>
                </Contained>
              )}
            </main>
            {step !== 'slip' && (
              <aside
                aria-label={text('margin.title')}
                className={`shrink-0 overflow-y-auto border-l border-rule py-4 max-margin:hidden ${folded ? 'w-12 px-1' : 'w-82 px-4'}`}
              >
                <Contained part={text('broken.margin')} attempt={state.doc}>
                  <Margin folded={folded} onFold={onFold} />
                </Contained>
              </aside>
            )}
          </div>
          {step !== 'slip' && (
            <div className="sticky bottom-0 margin:hidden">
              <Contained part={text('broken.margin')} attempt={state.doc}>
                <MarginBar />
              </Contained>
            </div>
          )}
        </div>
        <Paper />
      </WorkingProvider>
    </CaseProvider>
  );
}
