import { materialName } from '../../catalog/materials/named';
import { breachesOf } from '../../schedule/constraints';
import { msg, type Msg } from '../../kernel/messages/msg';
import type { RuleField } from '../../catalog/rules/archetypes';
import type { LocalRule } from '../../site/localRules';
import { breachText, calendarOf, isForbidden, isPinned, ruleName } from '../calendar';
import { fertilizerIsTold } from '../told';
import type { Finder, FindInput } from './finder';

/** What the calendar has to say: what has no day, what a day set by hand breaks, and which local rules hold. */
export function calendarFindings(finder: Finder, { plan }: FindInput): void {
  const { allowed, treatments } = plan;
  const { rules } = allowed;
  const fed = treatments.fertilizer;
  const parts = fed.verdict === 'dose' && fertilizerIsTold(plan) ? fed.chosen.parts : [];
  for (const { material, set, applications } of parts) {
    const without = set.doses.length - applications.length;
    if (without <= 0 || !plan.planFrom) continue;
    const params = { n: without, material: materialName(material) };
    finder.find('calendar', 'note', 'notPlaced', params, [set.total], { subject: material.id });
  }
  for (const entry of calendarOf(plan)) {
    const { placing } = entry;
    if (!placing || !isPinned(entry)) continue;
    const breaches = breachesOf(placing.within, entry.date);
    const [gravest] = breaches;
    if (!gravest) continue;
    const params = {
      material:
        entry.kind === 'work' ? msg(`work.${entry.work.work}`) : materialName(entry.material),
      date: { date: entry.date },
      why: breachText(gravest, rules),
    };
    const more = { subject: entry.key };
    if (isForbidden(breaches)) finder.find('calendar', 'stop', 'pinForbidden', params, [], more);
    else finder.find('calendar', 'note', 'pinBreaks', params, [], more);
  }
  for (const rule of rules) {
    const strip = plan.strips.find((each) => each.rule.id === rule.id);
    // What is known to lie further off binds nothing here.
    if (strip?.isHere === false) continue;
    if (strip?.isHere) {
      const { beside, feet } = strip;
      const here = { rule: ruleName(rules, rule.id), beside, feet };
      finder.find('calendar', 'note', 'stripHere', here, [], { subject: rule.id });
      continue;
    }
    const named = {
      rule: ruleName(rules, rule.id),
      says: msg(`ruleSays.${rule.kind}`, saying(rule)),
    };
    finder.find('calendar', 'note', 'ruleHolds', named, [], { subject: rule.id });
  }
}

const dayOfYear = (monthDay = '01-01'): Msg => {
  const [month = 1, day = 1] = monthDay.split('-').map(Number);
  return msg('day.ofYear', { month: String(month), day });
};

/** The numbers and days of a rule, as its sentence takes them. */
function saying({ numbers, days }: LocalRule) {
  const number = (field: RuleField): number => numbers[field] ?? 0;
  return {
    total: number('total'),
    soluble: number('soluble'),
    year: number('year'),
    slow: number('slow'),
    p2o5: number('p2o5'),
    months: number('months'),
    rotary: number('rotary'),
    drop: number('drop'),
    feet: number('feet'),
    inches: number('inches'),
    hours: number('hours'),
    days: number('days'),
    touching: number('touching'),
    from: dayOfYear(days?.from),
    to: dayOfYear(days?.to),
  };
}
