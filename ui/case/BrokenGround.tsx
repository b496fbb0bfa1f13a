'use client';

import type { BrokenArea } from '../../core/area/areaPlan';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import type { CaseFile } from '../../core/casefile/casefile';
import { deleteCase } from '../../store/desk';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { TellUs } from '../shell/TellUs';

/** What a piece of ground is called of which no plan could be made: its name, else its place in the list. */
export function brokenName({ area }: BrokenArea): string {
  return area.name.trim() || text('broken.unnamed');
}

function save(doc: CaseFile): void {
  void import('../files/exportCase').then(({ exportCase }) => exportCase(doc));
}

/** Ground that could not be worked out, in the place of its step: why, and how to keep and to tell of it. */
export function BrokenGround({ doc, broken }: { doc: CaseFile; broken: BrokenArea }): ReactNode {
  return (
    <section>
      <h1 className="font-serif text-decision font-semibold">{brokenName(broken)}</h1>
      <p className="mt-2 max-w-xl font-serif text-slip">{text(`broken.${broken.why}`)}</p>
      <p className="mt-1 max-w-xl text-ink-2">{text('broken.kept')}</p>
      <Button className="mt-4" onClick={() => save(doc)}>
        {text('broken.save')}
      </Button>
      {broken.fault && <TellUs where={text('broken.where')} fault={broken.fault} />}
    </section>
  );
}

/** A case of which no ground could be worked out: it can be saved and deleted all the same. */
export function BrokenCase({
  doc,
  broken,
}: {
  doc: CaseFile;
  broken: readonly BrokenArea[];
}): ReactNode {
  const router = useRouter();
  const remove = (): void => {
    void deleteCase(doc.id, Date.now()).then(() => router.push('/'));
  };
  return (
    <main className="px-6 py-8">
      <p className="font-serif text-case font-semibold">{doc.title || text('case.untitled')}</p>
      {broken.length === 0 && <p className="mt-2">{text('case.noArea')}</p>}
      {broken.map((each) => (
        <div key={each.area.id} className="mt-5">
          <BrokenGround doc={doc} broken={each} />
        </div>
      ))}
      <p className="mt-8 flex items-center gap-3 border-t border-rule pt-4">
        {broken.length === 0 && <Button onClick={() => save(doc)}>{text('broken.save')}</Button>}
        <Button onClick={remove}>{text('broken.delete')}</Button>
        <Link className="font-semibold text-spruce underline" href="/">
          {text('notFound.desk')}
        </Link>
      </p>
    </main>
  );
}
