'use client';

import { transfer, wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Mapping } from '../../core/site/report/mapping';
import type { Summary } from '../../files/reportTable/reportTable';
import type { NamedSample } from '../../files/reportTable/sampleIndex';
import { readMappings } from '../../store/mappings';
import type { TableReader } from '../../workers/reportTable.worker';
import { untilAnswered } from '../files/untilAnswered';

/** What a table is read from: a file, or what was pasted. */
export type TableSource = { readonly name: string; readonly content: File | string };

export interface OpenTable {
  readonly reader: Remote<TableReader> | undefined;
  readonly summary: Summary | undefined;
  /** Grows with each change, so that a window of rows is fetched anew. */
  readonly version: number;
  readonly progress: { readonly done: number; readonly total: number } | undefined;
  readonly failed: boolean;
  /** Changes the table and takes what it then comes to. */
  readonly change: (act: (reader: Remote<TableReader>) => Promise<Summary>) => void;
}

/**
 * Holds a laboratory's table in a worker of its own; closing the screen ends the worker, whatever it is
 * at.
 */
export function useTable(source: TableSource, samples: readonly NamedSample[]): OpenTable {
  const reader = useRef<Remote<TableReader>>(undefined);
  const [open, setOpen] = useState<Remote<TableReader>>();
  const [state, setState] = useState<{ summary: Summary | undefined; version: number }>({
    summary: undefined,
    version: 0,
  });
  const [progress, setProgress] = useState<{ done: number; total: number }>();
  const [failed, setFailed] = useState(false);
  const take = (summary: Summary): void =>
    setState(({ version }) => ({ summary, version: version + 1 }));
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/reportTable.worker.ts', import.meta.url), {
      type: 'module',
    });
    const remote = wrap<TableReader>(worker);
    reader.current = remote;
    let ended = false;
    const begin = async (): Promise<void> => {
      const { content } = source;
      const [remembered, bytes] = await Promise.all([
        readMappings(),
        typeof content === 'string' ? content : content.arrayBuffer(),
      ]);
      const handed = typeof bytes === 'string' ? bytes : transfer(bytes, [bytes]);
      const summary = await untilAnswered(
        (done, total) => {
          if (!ended) setProgress({ done, total });
        },
        (told) => remote.open(handed, samples, remembered, told),
      );
      if (ended) return;
      setOpen(() => remote);
      setProgress(undefined);
      take(summary);
    };
    void begin().catch(() => {
      if (!ended) setFailed(true);
    });
    return () => {
      ended = true;
      worker.terminate();
    };
    // The table is opened once: samples that change under it are read when the next one is opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, [source]);
  const change: OpenTable['change'] = (act) => {
    if (!reader.current) return;
    void act(reader.current).then(take, () => setFailed(true));
  };
  return { reader: open, ...state, progress, failed, change };
}

/** Another role for one column. */
export function withColumn(
  mapping: Mapping,
  at: number,
  role: Mapping['columns'][number],
): Mapping {
  return {
    ...mapping,
    columns: mapping.columns.map((each, index) => (index === at ? role : each)),
  };
}
