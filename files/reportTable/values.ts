import { BUFFERS, type Analyte } from '../../core/catalog/analytes';
import { TEXTURES } from '../../core/tables/lime/byTexture';
import { parseNumber } from '../../core/kernel/typed/number';
import { msg, type Msg } from '../../core/kernel/messages/msg';
import { plain } from './columns';

/** Analytes of which nothing is "less than". */
const PH_LIKE: ReadonlySet<Analyte> = new Set<Analyte>([
  'ph-water',
  'ph-cacl2',
  'ph-smp',
  'water-ph',
  'wv',
  ...BUFFERS,
]);

/**
 * A value as it will stand in the case, or why it cannot.
 * @param comma whether the table writes 6,1 for 6.1
 */
export function valueOf(
  analyte: Analyte,
  cell: string,
  unit: string,
  comma: boolean,
): string | Msg {
  const text = cell.trim();
  if (analyte === 'texture') {
    const texture = TEXTURES.find((known) => plain(known) === plain(text));
    return texture ?? msg('csv.noTexture', { text, known: TEXTURES.join(', ') });
  }
  if (analyte === 'rec-crop' || unit === 'word' || unit === 'index') return text;
  const pointed = comma && /^[<>≤≥]?\s*-?\d+,\d+$/.test(text) ? text.replace(',', '.') : text;
  const bound = PH_LIKE.has(analyte) ? pointed : pointed.replace(/^[<≤>≥]\s*=?\s*/, '');
  const parsed = parseNumber(bound, { min: 0 });
  return parsed.kind === 'error' ? parsed.error : pointed;
}
