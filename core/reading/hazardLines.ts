import { LEAD_TOTAL } from '../tables/soil/lead';
import { leadOf, type LeadLevel } from './lead';
import { SODIC_ABOVE_ESP } from '../tables/soil/sodicity';
import { equivalentMass } from '../tables/molarMass';
import { quantity, type Quantity, type Substance } from '../kernel/units/quantity';
import type { PlanContext } from '../kernel/working/context';
import { msg } from '../kernel/messages/msg';
import type { Figure } from '../kernel/working/working';
import type { ReadingInput } from './input';
import type { Limits, ReadingLine } from './types';
import { ppmAsCharge } from '../equations/soil/milliequivalents';

/** Sodium's share of the exchange capacity: as printed, else from its ppm and the CEC. */
function sodiumShare(
  ctx: PlanContext,
  { area, readings }: ReadingInput,
): Figure<Quantity> | undefined {
  const { others, more, cec } = readings;
  if (others['sat-na'] && !('absent' in others['sat-na'])) return others['sat-na'];
  const { na } = more;
  if (!na || 'absent' in na || 'absent' in cec) return undefined;
  const id = `${area.id}/reading/na`;
  const mass = ctx.constant(
    { id: `${id}/equivalent`, label: msg('report.equivalent.Na'), source: 'aapfco' },
    equivalentMass('Na'),
    'g/eq',
    'Na',
  );
  const charge = ctx.sheet.equation(
    { id: `${id}/charge`, label: msg('report.ppmToMeq') },
    ppmAsCharge<Substance>(),
    [na, mass],
  );
  const hundred = ctx.constant({ id: `${id}/whole`, label: msg('reading.whole') }, 100, '%', 'CEC');
  return ctx.sheet.derive(
    'proportion',
    { id: `${id}/share`, label: msg('reading.esp'), source: 'esp' },
    [charge, hundred, cec],
    (part, all, exchange) => quantity((part.value * all.value) / exchange.value, '%', 'Na'),
  );
}

function sodiumLine(ctx: PlanContext, input: ReadingInput): ReadingLine | undefined {
  const share = sodiumShare(ctx, input);
  if (!share || 'absent' in share) return undefined;
  const sodic = share.value.value > SODIC_ABOVE_ESP;
  return {
    analyte: 'na',
    value: share,
    limits: sodic ? 3 : 0,
    sentence: msg(`reading.na.${sodic ? 'sodic' : 'fine'}`, { value: { working: share.id } }),
    then: msg(`reading.na.${sodic ? 'sodic' : 'fine'}.then`),
    track: {
      ends: [SODIC_ABOVE_ESP],
      window: { low: 0, high: SODIC_ABOVE_ESP },
    },
    by: { source: 'esp', year: 1954 },
  };
}

const LEAD_LIMITS = {
  below: 0,
  otherSources: 2,
  since2024: 3,
  before2024: 3,
  extract: 2,
  unknown: 2,
} as const satisfies Record<LeadLevel, Limits>;

/**
 * Lead by its method. What an extract takes out is a screen: it is held against no guideline and never
 * said to be safe. A total is named beside the levels of the guidance, which are guidance and no law.
 */
function leadLine({ readings }: ReadingInput): ReadingLine | undefined {
  const lead = leadOf(readings);
  if (!lead) return undefined;
  const { figure: pb, level } = lead;
  const value = { working: pb.id };
  const common = { analyte: 'pb', value: pb, track: undefined } as const;
  if (level === 'extract' || level === 'unknown') {
    const method = { family: 'leadMethod', name: lead.method } as const;
    const sentence = msg(`reading.pb.${level}`, { value, method });
    const then = msg('reading.pb.askTotal');
    return { ...common, limits: LEAD_LIMITS[level], sentence, then, by: undefined };
  }
  return {
    ...common,
    limits: LEAD_LIMITS[level],
    sentence: msg(`reading.pb.${level}`, { value }),
    then: msg(level === 'below' ? 'reading.pb.below.then' : 'reading.pb.then'),
    track: {
      ends: [LEAD_TOTAL.otherSources, LEAD_TOTAL.since2024, LEAD_TOTAL.before2024],
      window: { low: 0, high: LEAD_TOTAL.otherSources },
    },
    by: { source: 'lead', year: 2024 },
  };
}

/** Sodium and lead: what harms soil or people, whatever grows there. */
export function hazardLines(ctx: PlanContext, input: ReadingInput): ReadingLine[] {
  return [sodiumLine(ctx, input), leadLine(input)].filter((line) => line !== undefined);
}
