'use client';

import { useState, type ReactNode } from 'react';
import { putMaterials, shedMaterials } from '../../store/materials';
import { messageText } from '../format/message';
import { text } from '../format/text';
import { download } from '../files/download';
import { FilePick } from '../files/FilePick';
import { Button } from '../kit/Button';
import type { CsvFault } from '../../files/materialsCsv';

/** Own materials as a table, out and in; one with any fault is refused whole. */
export function CsvButtons(): ReactNode {
  const [told, setTold] = useState<
    { readonly count: number } | { readonly faults: readonly CsvFault[] }
  >();
  const save = async (): Promise<void> => {
    const { writeMaterialsCsv } = await import('../../files/materialsCsv');
    download('agrologos-shed.csv', [writeMaterialsCsv(await shedMaterials())], 'text/csv');
  };
  const read = async (file: File): Promise<void> => {
    const { readMaterialsCsv } = await import('../../files/materialsCsv');
    const found = readMaterialsCsv(await file.text());
    if (found.kind === 'refused') {
      setTold({ faults: found.faults });
      return;
    }
    const last = (await shedMaterials()).at(-1)?.order ?? 0;
    await putMaterials(found.materials.map((each) => ({ ...each, order: last + each.order })));
    setTold({ count: found.materials.length });
  };
  return (
    <div>
      <span className="flex gap-2">
        <Button onClick={() => void save()}>{text('shed.saveCsv')}</Button>
        <FilePick
          label={text('shed.readCsv')}
          accept=".csv,text/csv"
          onFile={(file) => void read(file)}
        />
      </span>
      <div aria-live="polite" className="mt-1 text-small">
        {told && 'count' in told && text('shed.csvRead', { count: told.count })}
        {told && 'faults' in told && (
          <ul className="text-madder">
            {told.faults.slice(0, 8).map(({ row, column, why }) => (
              <li key={`${row} ${column}`}>
                {text('shed.csvFault', { row, column })} {messageText(why)}
              </li>
            ))}
          </ul>
        )}
      </div>
    </div>
  );
}
