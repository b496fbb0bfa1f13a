import { wrap } from 'comlink';
import type { ReadGeoJson } from '../../../files/geojson';
import { msg } from '../../../core/kernel/messages/msg';
import type { MapReader } from '../../../workers/geojson.worker';

/** A map that takes longer than this to read is told so; the worker is ended. */
const LONGEST_MS = 30_000;

const TOO_LONG: ReadGeoJson = {
  kind: 'refused',
  fault: { line: 1, column: 1, path: '', reason: msg('geojson.tooLong') },
};

/** Reads a map file in a worker of its own, which ends with the reading. */
export async function readMapFile(file: File): Promise<ReadGeoJson> {
  const text = await file.text();
  const worker = new Worker(new URL('../../../workers/geojson.worker.ts', import.meta.url), {
    type: 'module',
  });
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tooLong = new Promise<ReadGeoJson>((resolve) => {
    timer = setTimeout(() => resolve(TOO_LONG), LONGEST_MS);
  });
  try {
    return await Promise.race([wrap<MapReader>(worker).read(text), tooLong]);
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
