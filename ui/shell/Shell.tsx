'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { lazy, Suspense, useEffect, useMemo, useState, type ReactNode } from 'react';
import { db } from '../../store/db';
import { keptFolder } from '../../store/keeping';
import { readSetting, writeSetting } from '../../store/settings';
import { CommandProvider, useCommands, type Command } from '../commands/registry';
import { text } from '../format/shell';
import { Kbd } from '../kit/Kbd';
import { Logo } from './Logo';
import { ProgramUpdate } from './ProgramUpdate';

const CommandField = lazy(() => import('../commands/CommandField'));
const Broken = dynamic(() => import('./Broken').then((file) => file.Broken), { ssr: false });
const HelpSheet = dynamic(() => import('../commands/HelpSheet'), { ssr: false });

/** The id of the slot in the top bar where the open case says whether it is saved. */
export const STATUS_SLOT = 'status-slot';

/** Places beside the Desk, each at an address of its own name. */
const PLACES = ['bench', 'practice', 'shed', 'yardsticks', 'office'] as const;

interface FieldToComeProps {
  readonly typed: string;
  readonly onType: (typed: string) => void;
}

/** Takes what is typed while the field of commands is still fetched, so that no letter is lost. */
function FieldToCome({ typed, onType }: FieldToComeProps): ReactNode {
  return (
    <div role="dialog" aria-label={text('command.field')} className="fixed inset-0 z-20 bg-ink/30">
      <input
        autoFocus
        aria-label={text('command.field')}
        value={typed}
        onChange={(event) => onType(event.target.value)}
        className="mx-auto mt-16 block h-12 w-full max-w-lg rounded bg-sheet px-4 text-title"
      />
    </div>
  );
}

function TopBar(): ReactNode {
  const router = useRouter();
  const [open, setOpen] = useState<'field' | 'help' | undefined>();
  const [typedAhead, setTypedAhead] = useState('');
  const closeField = (): void => {
    setOpen(undefined);
    setTypedAhead('');
  };
  const commands = useMemo<readonly Command[]>(
    () => [
      { id: 'field', label: text('command.open'), keys: ['Ctrl+K'], run: () => setOpen('field') },
      { id: 'help', label: text('command.help'), keys: ['?'], run: () => setOpen('help') },
      { id: 'desk', label: text('command.desk'), keys: ['D'], run: () => router.push('/') },
      { id: 'bench', label: text('command.bench'), keys: ['B'], run: () => router.push('/bench') },
      {
        id: 'practice',
        label: text('command.practice'),
        keys: ['T'],
        run: () => router.push('/practice'),
      },
      { id: 'shed', label: text('command.shed'), keys: ['H'], run: () => router.push('/shed') },
      {
        id: 'yardsticks',
        label: text('command.yardsticks'),
        keys: ['Y'],
        run: () => router.push('/yardsticks'),
      },
      {
        id: 'office',
        label: text('command.office'),
        keys: ['O'],
        run: () => router.push('/office'),
      },
    ],
    [router],
  );
  useCommands(commands);
  return (
    <header className="flex h-11 items-center gap-6 max-rail:gap-3 max-phone:relative max-phone:overflow-x-auto border-b border-rule bg-sheet px-4 print:hidden">
      <Link href="/" className="flex items-center gap-2 py-1 font-serif text-case font-semibold">
        <Logo />
        <span className="max-phone:sr-only">{text('app.name')}</span>
      </Link>
      <button
        type="button"
        onClick={() => setOpen('field')}
        className="ml-auto flex h-7 w-72 min-w-0 shrink max-phone:min-w-10 items-center justify-between rounded border border-control bg-paper px-2.5 text-ink-2 rail:ml-10"
      >
        <span className="truncate">{text('command.field')}</span>
        <span className="max-rail:hidden">
          <Kbd>{text('command.fieldKey')}</Kbd>
        </span>
      </button>
      <div id={STATUS_SLOT} className="ml-auto flex items-center gap-4 text-small text-ink-2" />
      {PLACES.map((place) => (
        <Link
          key={place}
          href={`/${place}`}
          prefetch={false}
          className="py-1 font-semibold text-spruce hover:underline"
        >
          {text(`shell.${place}`)}
        </Link>
      ))}
      <button
        type="button"
        className="py-1 font-semibold text-spruce hover:underline"
        onClick={() => setOpen('help')}
      >
        {text('command.keys')}
      </button>
      {open === 'field' && (
        <Suspense fallback={<FieldToCome typed={typedAhead} onType={setTypedAhead} />}>
          <CommandField typedAhead={typedAhead} onClose={closeField} />
        </Suspense>
      )}
      {open === 'help' && <HelpSheet onClose={() => setOpen(undefined)} />}
    </header>
  );
}

/** Whether the browser gives no storage: said once here, whatever the page would have read. */
function useRefusal(): Error | undefined {
  const [refusal, setRefusal] = useState<Error>();
  useEffect(() => {
    db.open().catch((error: unknown) => {
      setRefusal(error instanceof Error ? error : new Error(String(error)));
    });
  }, []);
  return refusal;
}

/** Has the chosen folder kept current, once there is one. */
function useKeeper(): void {
  const wanted = useLiveQuery(async () => !!(await keptFolder().catch(() => undefined))) ?? false;
  useEffect(() => {
    if (!wanted) return undefined;
    const started = import('../keeping/keeper').then(({ startKeeper }) => startKeeper());
    return () => void started.then((stop) => stop());
  }, [wanted]);
}

/** What stands around every screen: commands and the top bar. */
export function Shell({ children }: { children: ReactNode }): ReactNode {
  const refusal = useRefusal();
  useKeeper();
  const letterKeys = useLiveQuery(() => readSetting('letterKeys').catch(() => undefined)) !== 'off';
  const setLetterKeys = (on: boolean): void => void writeSetting('letterKeys', on ? 'on' : 'off');
  return (
    <CommandProvider letterKeys={letterKeys} setLetterKeys={setLetterKeys}>
      <TopBar />
      <ProgramUpdate />
      {refusal ? <Broken error={refusal} reset={() => location.reload()} /> : children}
    </CommandProvider>
  );
}
