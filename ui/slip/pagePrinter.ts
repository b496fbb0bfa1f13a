import { wrap, type Remote } from 'comlink';
import type { PaperPage, Printing } from '../../files/slip/pagePdf';
import type { PagePrinter } from '../../workers/pagePdf.worker';
import { downloadBytes, fileName } from '../files/download';

/** Runs something with a worker that draws pages; the worker ends with it, or when it is given up. */
export async function withPagePrinter<T>(
  run: (printer: Remote<PagePrinter>) => Promise<T>,
  givenUp?: AbortSignal,
): Promise<T> {
  const worker = new Worker(new URL('../../workers/pagePdf.worker.ts', import.meta.url), {
    type: 'module',
  });
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
    givenUp?.addEventListener('abort', () => reject(new DOMException('', 'AbortError')));
  });
  try {
    return await Promise.race([run(wrap<PagePrinter>(worker)), broken]);
  } finally {
    worker.terminate();
  }
}

/** Saves pages as a PDF, under the title of the first. */
export async function savePdf(pages: readonly PaperPage[], printing: Printing): Promise<void> {
  const bytes = await withPagePrinter((printer) => printer.pdf(pages, printing));
  downloadBytes(`${fileName(pages[0]?.page.title ?? '', 'page')}.pdf`, bytes, 'application/pdf');
}
