'use client';

import { useMemo, useState, type ReactNode } from 'react';
import type { Issued } from '../../../core/casefile/parts/issued';
import { differences, issuedOf, type Difference } from '../../../files/slip/issue';
import type { WrittenPage } from '../../../files/slip/writtenPage';
import { formatDate } from '../../format/date';
import { nameFrom, text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Dialog } from '../../kit/Dialog';
import { savePdf } from '../../slip/pagePrinter';
import { usePaperOptions } from '../../slip/paperOptions';
import { useOffice } from '../../slip/useOffice';
import { WrittenLines } from '../../slip/WrittenLines';
import { useCase } from '../context/caseContext';
import { ByWhom } from '../shared/ByWhom';

/** A page as it was given out, to be read and printed again. */
function GivenPage({ page, onClose }: { page: Issued; onClose: () => void }): ReactNode {
  const { paper } = useOffice();
  const { large } = usePaperOptions();
  const [failed, setFailed] = useState('');
  const save = (): void => {
    savePdf([{ page, language: page.language }], { paper, large }).catch((error: unknown) =>
      setFailed(String(error)),
    );
  };
  return (
    <Dialog title={text('page.givenOn', { date: formatDate(page.on) })} onClose={onClose}>
      <p className="mb-3 text-small text-ink-2">
        {text('page.madeBy', {
          pack: nameFrom('pack', page.pack.id),
          version: page.pack.version,
          language: text(`language.${page.language}`),
        })}
      </p>
      <h3 className="font-serif text-case font-semibold">{page.title}</h3>
      <p className="mb-2 text-ink-2">{page.who}</p>
      <WrittenLines lines={page.lines} />
      <div className="mt-4 flex items-center gap-3">
        <Button look="primary" onClick={save}>
          {text('page.printGiven')}
        </Button>
        <span role="alert">{failed && text('page.notDrawn', { why: failed })}</span>
      </div>
    </Dialog>
  );
}

function Differences({ all }: { all: readonly Difference[] }): ReactNode {
  return (
    <ul className="mt-1 mb-2 max-w-160 border-l-3 border-ochre pl-3 text-small">
      {all.map(({ side, text: words }, index) => (
        <li key={index} className="grid grid-cols-[3rem_1fr]">
          <span className="text-ink-2">{text(side === 'then' ? 'page.before' : 'page.now')}</span>
          <span className={side === 'then' ? 'text-ink-2 line-through' : ''}>{words}</span>
        </li>
      ))}
    </ul>
  );
}

function GivenRow({ page, now }: { page: Issued; now: WrittenPage }): ReactNode {
  const [opened, setOpened] = useState(false);
  const [compared, setCompared] = useState(false);
  const all = useMemo(() => differences(page, now), [page, now]);
  const n = all.length;
  return (
    <li className="border-b border-rule-2 py-1">
      <div className="flex flex-wrap items-center gap-x-4">
        <span className="font-semibold">{text('page.givenOn', { date: formatDate(page.on) })}</span>
        <span className={n > 0 ? 'rounded bg-ochre-wash px-1.5' : 'text-ink-2'}>
          {n > 0 ? text('page.differs', { n }) : text('page.same')}
        </span>
        {n > 0 && (
          <Button look="quiet" aria-expanded={compared} onClick={() => setCompared(!compared)}>
            {text('page.showDifference')}
          </Button>
        )}
        <Button look="quiet" onClick={() => setOpened(true)}>
          {text('page.openGiven')}
        </Button>
        <ByWhom short place={`issued/${page.id}`} />
      </div>
      {compared && n > 0 && <Differences all={all} />}
      {opened && <GivenPage page={page} onClose={() => setOpened(false)} />}
    </li>
  );
}

/** What was given to the client, and in what it differs from the page of now. */
export function Given({ now }: { now: WrittenPage }): ReactNode {
  const { state } = useCase();
  const pages = issuedOf(state.doc);
  if (pages.length === 0) return null;
  return (
    <section aria-labelledby="given" className="mb-4 max-w-180 print:hidden">
      <h3 id="given" className="text-label text-ink-2">
        {text('page.given')}
      </h3>
      <ul>
        {pages.map((page) => (
          <GivenRow key={page.id} page={page} now={now} />
        ))}
      </ul>
    </section>
  );
}
