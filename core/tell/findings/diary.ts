import { materialName } from '../../catalog/materials/named';
import type { NamedMaterial } from '../../catalog/materials/types';
import { valueOf } from '../../kernel/working/working';
import { dayOf, isOfPlan } from '../../site/diary';
import { treatmentsIn } from '../../treat/treatments';
import type { Application } from '../../treat/shared/treated';
import type { FindInput, Finder } from './finder';

/** Off by less than this share went on as planned. Common practice: hands and spreaders are no better. */
const ABOUT = 0.1;

function applicationFindings(
  finder: Finder,
  material: NamedMaterial,
  application: Application,
): void {
  const { kept, key, amount } = application;
  if (!kept?.on) return;
  const named = { material: materialName(material), date: { date: kept.on } };
  const more = { subject: key };
  if (kept.entries.some((entry) => entry.material !== '' && entry.material !== material.id)) {
    finder.find('diary', 'note', 'diaryOther', named, [], more);
    return;
  }
  const { instead, printed } = amount;
  const [on, meant, bears] = [printed, instead?.planned, instead?.most].map(
    (figure) => figure && valueOf(figure)?.value,
  );
  if (!instead || on === undefined || meant === undefined) return;
  const params = { ...named, amount: { working: printed.id } };
  if (instead.most && bears !== undefined && on > bears * (1 + ABOUT)) {
    const over = { ...params, most: { working: instead.most.id } };
    finder.find('diary', 'note', 'diaryOver', over, [printed, instead.most], more);
  } else if (Math.abs(on - meant) > ABOUT * meant) {
    const off = { ...params, planned: { working: instead.planned.id } };
    const name = on > meant ? 'diaryMore' : 'diaryLess';
    finder.find('diary', 'note', name, off, [printed, instead.planned], more);
  }
}

/** What the diary has to say: what went on otherwise than was planned, and what no longer belongs to the plan. */
export function diaryFindings(finder: Finder, { file, plan }: FindInput): void {
  const products = treatmentsIn(plan.treatments).flatMap((treatment) => treatment.products);
  for (const { material, applications } of products) {
    for (const application of applications) applicationFindings(finder, material, application);
  }
  const keys = products.flatMap(({ applications }) => applications.map(({ key }) => key));
  for (const entry of Object.values(file.past)) {
    const on = entry.outcome === 'done' ? dayOf(entry) : undefined;
    if (!on || !isOfPlan(file, entry) || keys.includes(entry.planned)) continue;
    finder.find('diary', 'note', 'diaryLoose', { date: { date: on } }, [], { subject: entry.id });
  }
}
