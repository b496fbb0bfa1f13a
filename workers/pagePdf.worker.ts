import { expose, transfer } from 'comlink';
import pdfmake from 'pdfmake/build/pdfmake';
import { PDF_FONT, pagesPdf, type PaperPage, type Printing } from '../files/slip/pagePdf';
import { PageWriter, type BatchPages, type Wanted } from '../files/slip/batchPages';

/** Letters that have every sign of a page, in both languages; they are served with the program. */
const REGULAR = new URL(
  '../node_modules/@expo-google-fonts/source-sans-3/400Regular/SourceSans3_400Regular.ttf',
  import.meta.url,
);
const BOLD = new URL(
  '../node_modules/@expo-google-fonts/source-sans-3/600SemiBold/SourceSans3_600SemiBold.ttf',
  import.meta.url,
);

/** The whole address of a file that is served with the program: the bundler leaves its origin out. */
function address(file: URL): string {
  return new URL(String(file), self.location.origin).href;
}

pdfmake.setFonts({ [PDF_FONT]: { normal: address(REGULAR), bold: address(BOLD) } });

async function draw(pages: readonly PaperPage[], printing: Printing): Promise<Uint8Array> {
  const bytes = await pdfmake.createPdf(pagesPdf(pages, printing, new Date())).getBuffer();
  return new Uint8Array(bytes);
}

let writer: PageWriter | undefined;

function begun(): PageWriter {
  if (!writer) throw new Error('pagePdf.worker: no batch was begun');
  return writer;
}

/** Clients' pages as a PDF, off the page's own thread: one, or those of many cases. */
const printer = {
  async pdf(pages: readonly PaperPage[], printing: Printing): Promise<Uint8Array> {
    const bytes = await draw(pages, printing);
    return transfer(bytes, [bytes.buffer]);
  },
  /** Begins a batch; its cases come in a few at a time, so that it can tell how far it is. */
  begin(wanted: Wanted): void {
    writer = new PageWriter(wanted);
  },
  add(documents: readonly unknown[]): void {
    const batch = begun();
    documents.forEach((document) => batch.add(document));
  },
  /** The batch as one file, none where no page is ready, and what was left out of it. */
  async finish(
    printing: Printing,
  ): Promise<{ bytes: Uint8Array | undefined } & BatchPages['told']> {
    const { pages, told } = begun().made();
    const bytes = pages.length > 0 ? await draw(pages, printing) : undefined;
    return bytes ? transfer({ bytes, ...told }, [bytes.buffer]) : { bytes, ...told };
  },
};

export type PagePrinter = typeof printer;

expose(printer);
