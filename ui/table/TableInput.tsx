'use client';

import dynamic from 'next/dynamic';
import { useId, useState, type ReactNode } from 'react';
import type { NamedSample } from '../../files/reportTable/sampleIndex';
import type { TableResult } from '../../files/reportTable/result';
import { FilePick } from '../files/FilePick';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { Dialog } from '../kit/Dialog';
import type { TableSource } from './useTable';

const TableDialog = dynamic(() => import('./TableDialog').then((file) => file.TableDialog), {
  ssr: false,
});

/** A larger file is no laboratory's report, and would only make the page stand. */
const MOST_BYTES = 20_000_000;

interface PasteProps {
  readonly onPaste: (content: string) => void;
  readonly onClose: () => void;
}

/** A field for what was copied out of a sheet or an e-mail. */
function Paste({ onPaste, onClose }: PasteProps): ReactNode {
  const id = useId();
  const [content, setContent] = useState('');
  return (
    <Dialog title={text('table.pasteTitle')} onClose={onClose}>
      <label htmlFor={id} className="block text-small text-ink-2">
        {text('table.pasteHelp')}
      </label>
      <textarea
        id={id}
        rows={10}
        autoFocus
        className="field my-2 h-auto w-full py-1.5 font-mono text-small"
        value={content}
        onChange={(event) => setContent(event.target.value)}
      />
      <Button disabled={content.trim() === ''} onClick={() => onPaste(content)}>
        {text('table.look')}
      </Button>
    </Dialog>
  );
}

interface TableInputProps {
  /** The samples that rows may belong to. */
  readonly samples: () => Promise<readonly NamedSample[]>;
  readonly nameOf: (sampleId: string) => string;
  readonly onTake: (values: TableResult) => Promise<void>;
  readonly look?: 'plain' | 'quiet';
}

/** A laboratory's table as a file or pasted: looked through before anything of it is taken. */
export function TableInput({
  samples,
  nameOf,
  onTake,
  look = 'plain',
}: TableInputProps): ReactNode {
  const [open, setOpen] = useState<{ source: TableSource; samples: readonly NamedSample[] }>();
  const [pasting, setPasting] = useState(false);
  const [refused, setRefused] = useState<string>();
  const begin = async (source: TableSource): Promise<void> => {
    setRefused(undefined);
    setPasting(false);
    if (typeof source.content !== 'string' && source.content.size > MOST_BYTES) {
      setRefused(text('table.tooLarge', { name: source.name, most: MOST_BYTES / 1_000_000 }));
      return;
    }
    setOpen({ source, samples: await samples() });
  };
  return (
    <>
      <FilePick
        label={text('table.pick')}
        look={look}
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        onFile={(file) => void begin({ name: file.name, content: file })}
      />
      <Button look={look} onClick={() => setPasting(true)}>
        {text('table.paste')}
      </Button>
      {refused && (
        <span role="alert" className="text-madder">
          {refused}
        </span>
      )}
      {pasting && (
        <Paste
          onPaste={(content) => void begin({ name: text('table.pasted'), content })}
          onClose={() => setPasting(false)}
        />
      )}
      {open && (
        <TableDialog
          source={open.source}
          samples={open.samples}
          nameOf={nameOf}
          onTake={onTake}
          onClose={() => setOpen(undefined)}
        />
      )}
    </>
  );
}
