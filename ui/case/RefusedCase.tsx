'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { deleteCase } from '../../store/desk';
import { download } from '../files/download';
import { text } from '../format/text';
import { Button } from '../kit/Button';

interface RefusedCaseProps {
  readonly id: string;
  readonly words: string;
  /** The document as it is stored. */
  readonly document: unknown;
}

/** A stored case that this version cannot open: why, its document as text, and as a file. */
export function RefusedCase({ id, words, document }: RefusedCaseProps): ReactNode {
  const json = JSON.stringify(document, null, 2);
  const router = useRouter();
  const remove = (): void => {
    void deleteCase(id, Date.now()).then(() => router.push('/'));
  };
  return (
    <main className="px-6 py-10">
      <h1 className="max-w-3xl font-serif text-decision font-semibold">{words}</h1>
      <p className="mt-2 max-w-xl font-serif text-slip text-ink-2">{text('refused.kept')}</p>
      <p className="mt-4 flex items-center gap-3">
        <Button onClick={() => download('case.agrologos.json', [json], 'application/json')}>
          {text('broken.save')}
        </Button>
        <Button onClick={remove}>{text('broken.delete')}</Button>
        <Link className="font-semibold text-spruce underline" href="/">
          {text('notFound.desk')}
        </Link>
      </p>
      <details className="mt-5">
        <summary className="cursor-pointer py-1 font-semibold">{text('refused.asText')}</summary>
        <pre
          tabIndex={0}
          aria-label={text('refused.asText')}
          className="mt-1 max-h-[60vh] overflow-auto border border-rule bg-sheet p-3 text-small"
        >
          {json}
        </pre>
      </details>
    </main>
  );
}
