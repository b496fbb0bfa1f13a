import { MONTHS } from '../casefile/parts/climate';
import type { CaseFile } from '../casefile/casefile';
import { homeOf } from '../catalog/climate/homes';
import { cardOf, faultsOfCard, type ClimateCard } from '../catalog/climate/card';
import { parseDate, addDays } from '../kernel/typed/date';
import { parseNumber } from '../kernel/typed/number';
import { msg } from '../kernel/messages/msg';
import type { PlanContext } from '../kernel/working/context';

const AIR = { min: -60, max: 110 };
/** A frost that comes once in ten years lies so many days outside the mean one. Common practice: 1.28 × 11 days. */
const TEN_YEARS = 14;
/** Days of any year are read in a leap year, so that 29 February is one of them. */
const LEAP_YEAR = 2028;
/** Days from one to another are counted as in most years. */
const PLAIN_YEAR = 2027;

/** A day of any year as typed: with a year or without. */
function monthDayOf(ctx: PlanContext, at: string, text: string): string | undefined {
  if (text.trim() === '') return undefined;
  const told = parseDate(text);
  const parsed = told.kind === 'value' ? told : parseDate(withYear(text));
  if (parsed.kind === 'value') return parsed.value.slice(5);
  ctx.problems[at] = msg('problem.notADay', { text: text.trim() });
  return undefined;
}

/** `4/21` and `21 Apr` are days of any year. */
function withYear(text: string): string {
  const typed = text.trim();
  return typed.includes('/') ? `${typed}/${LEAP_YEAR}` : `${typed} ${LEAP_YEAR}`;
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
  const last = monthDayOf(ctx, 'climate/lastFrost', climate.lastFrost);
  const first = monthDayOf(ctx, 'climate/firstFrost', climate.firstFrost);
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
