import { CARBONATE_PH } from '../../tables/sulfur';
import { msg } from '../../kernel/messages/msg';
import { quantity } from '../../kernel/units/quantity';
import { headlinesOf } from '../../tell/headlines';
import { valueOf } from '../../kernel/working/working';
import type { BenchSheet } from '../benchSheet';
import { MIXED_SULFUR, USUAL_SULFUR } from '../usual';
import { asTyped, planSmall } from '../smallCase';
import type { BenchSum } from '../sum';
import { cautionsOf, oneTime } from './shared';

/** Below this share a label is of a mix. Common practice: sulfur itself is sold at 85 and more. */
const MIX_BELOW_PERCENT = 60;

function isAsked(sheet: BenchSheet): boolean {
  return (valueOf(sheet.number('ph'))?.value ?? 0) >= CARBONATE_PH.askFrom;
}

/** Sulfur for bushes by what is on the label, as a case of blueberries has it. */
export const sulfur: BenchSum = {
  id: 'sulfur',
  fields: (sheet) => [
    ...(['percent', 'plants', 'across', 'ph', 'texture', 'plant'] as const),
    ...(isAsked(sheet) ? (['fizz'] as const) : []),
  ],
  usual: { percent: '90', plants: '1', across: '4', texture: 'loam', plant: 'blueberry' },
  work: (sheet, today) => {
    const count = sheet.number('plants');
    const percent = sheet.number('percent');
    const isMix = (valueOf(percent)?.value ?? 100) < MIX_BELOW_PERCENT;
    const material = isMix ? MIXED_SULFUR : USUAL_SULFUR;
    const planned = planSmall(today, {
      area: { plant: sheet.choice('plant'), situation: 'established' },
      shape: {
        kind: 'plants',
        number: asTyped(count),
        diameter: asTyped(sheet.length('across')),
      },
      results: {
        'ph-water': { text: asTyped(sheet.number('ph')) },
        texture: { text: sheet.choice('texture') },
      },
      decisions: {
        'sulfur-material': material,
        ...(isAsked(sheet) && sheet.choice('fizz') !== 'unknown'
          ? { fizz: sheet.choice('fizz') }
          : {}),
      },
      label: { id: material, says: { percent: asTyped(percent) } },
    });
    const { sulfur: plan } = planned.area.treatments;
    const isDose = plan?.verdict === 'dose';
    const now = oneTime(sheet, msg('bench.answer.sulfurNow'), plan?.applications ?? [], isDose);
    const { figure } = now;
    const each = sheet.ctx.sheet.derive(
      'divide',
      { id: sheet.id('each'), label: msg('bench.answer.eachBush') },
      [figure, count],
      (pounds, plants) => quantity(pounds.value / plants.value, 'lb', 'product'),
    );
    return {
      answers: [
        now,
        { label: msg('bench.answer.eachBush'), figure: each, family: 'weight', carries: 'weight' },
      ],
      says: [
        ...(plan && isDose
          ? [
              msg('bench.sulfurGross', { gross: { working: plan.gross.id } }),
              ...(isMix ? [msg('bench.sulfurMix')] : []),
              ...cautionsOf(plan),
            ]
          : [plan?.why ?? headlinesOf(planned.area).ph]),
      ],
      beside: () => {
        const bag = plan && valueOf(plan.chosenMaterial.bag.size)?.value;
        return bag === undefined ? {} : { bag };
      },
      ...(plan && isDose
        ? { inAll: { label: msg('bench.answer.inAll'), figure: plan.gross } }
        : {}),
      ...planned,
    };
  },
};
