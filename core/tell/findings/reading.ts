import { leadOf } from '../../reading/lead';
import type { FindInput, Finder } from './finder';

/** What the soil test leaves to ask, what was judged to do harm, and lead. */
export function readingFindings(finder: Finder, { plan }: FindInput): void {
  const { readings, soilTest, judgements } = plan;
  const { p, k } = readings;
  const unknown = [p, k].filter(({ typed, method }) => typed && method === '');
  if (unknown.length > 0) {
    const figures = unknown.map(({ figure }) => figure);
    finder.find('results', 'decide', 'askExtractant', {}, figures);
  }
  if ([soilTest.p, soilTest.k].some(({ sentence }) => sentence.id === 'reading.noGroup')) {
    finder.find('reading', 'decide', 'askSoilGroup', {}, [p.figure, k.figure]);
  }
  for (const { id, weight, says } of judgements) {
    if (weight === 'harm') finder.find('reading', 'note', 'judged', { says }, [], { subject: id });
  }
  const lead = leadOf(readings);
  if (!lead || lead.level === 'below') return;
  const { figure, level, method } = lead;
  const value = { working: figure.id };
  if (level === 'extract' || level === 'unknown') {
    const by = { family: 'leadMethod', name: method } as const;
    finder.find('reading', 'note', `lead.${level}`, { value, method: by }, [figure]);
  } else finder.find('reading', 'note', `lead.${level}`, { value }, [figure]);
}
