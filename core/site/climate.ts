import { MONTHS } from '../casefile/parts/climate';
import type { CaseFile } from '../casefile/casefile';
import { homeOf } from '../catalog/climate/homes';
import { cardOf, faultsOfCard, type ClimateCard } from '../catalog/climate/card';
import { addDays } from '../kernel/typed/date';
import { monthDayOf } from './monthDay';
import { parseNumber } from '../kernel/typed/number';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';

const AIR = { min: -60, max: 110 };
/** A frost that comes once in ten years lies so many days outside the mean one. Common practice: 1.28 × 11 days. */
const TEN_YEARS = 14;
/** Days from one to another are counted as in most years. */
const PLAIN_YEAR = 2027;

/** A frost as typed; what is no day is a problem at its place. */
function frostOf(ctx: PlanContext, at: string, text: string): string | undefined {
  const day = monthDayOf(text);
  if (!day && text.trim() !== '') ctx.problems[at] = msg('problem.notADay', { text: text.trim() });
  return day;
}

function around(mean: string): { mean: string; early: string; late: string } {
  const day = `${PLAIN_YEAR}-${mean}`;
  const shifted = (days: number): string => addDays(day, days).slice(5);
  return { mean, early: shifted(-TEN_YEARS), late: shifted(TEN_YEARS) };
}

/** A card that was typed: twelve means, and both frosts unless neither is told. */
function typedCard(
  ctx: PlanContext,
  { climate }: Pick<CaseFile, 'climate'>,
): ClimateCard | undefined {
  const air = MONTHS.map((month) => {
    const at = `climate/air/${month}`;
    const parsed = parseNumber(climate.air[month] ?? '', AIR);
    if (parsed.kind === 'error') ctx.problems[at] = parsed.error;
    return parsed.kind === 'value' ? parsed.value : NaN;
  });
  const last = frostOf(ctx, 'climate/lastFrost', climate.lastFrost);
  const first = frostOf(ctx, 'climate/firstFrost', climate.firstFrost);
  if (last && first && last >= first)
    ctx.problems['climate/lastFrost'] = msg('problem.frostReversed');
  const card: ClimateCard = {
    id: 'own',
    version: 1,
    source: 'practice',
    standing: 'house',
    air,
    frost: last && first ? { last: around(last), first: around(first) } : null,
  };
  return faultsOfCard(card).length === 0 ? card : undefined;
}

/**
 * The climate of a case: the chosen card, or the one that was typed; where none is chosen that of the region that its pack
 * is for. Nothing where there is none, or what was typed is not whole.
 */
export function climateOf(
  ctx: PlanContext,
  file: Pick<CaseFile, 'climate' | 'pack' | 'house'>,
): ClimateCard | undefined {
  const { card } = file.climate;
  if (card === 'own') return typedCard(ctx, file);
  return card === '' ? homeOf(file.house?.copiedFrom?.id ?? file.pack.id) : cardOf(card);
}
