import { decisionKey } from '../../casefile/decisions';
import type { AreaSlice } from '../../casefile/slice';
import { SMP_DEPTH_IN } from '../../tables/lime/smp';
import {
  perAcreToPerThousand,
  perHundredToPerThousand,
  rescaleDepth,
  tonnesPerHectareToTonsPerAcre,
  tonsPerAcreToPerThousand,
} from '../../kernel/units/convert';
import type { Quantity } from '../../kernel/units/quantity';
import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import type { Figure } from '../../kernel/working/working';
import { own } from '../../kernel/typed/own';
import { agriculturalLimestone, OF_PRODUCT, PURE_LIME, UNSTATED, type Basis } from './basis';
import type { MethodInput, PerAcre, RequirementMethod } from './method';
import { REQUIREMENT_METHODS } from './methods';
import { bufferIsSilent } from '../../site/report/buffers';
import { smpTopRow } from './methods/smp';
import { TON_SHORT_CUT } from '../../equations/lime/tonShortCut';

type OptionId = RequirementMethod['id'] | 'laboratory' | 'own';
type LimestoneRate = Figure<Quantity<'lb/1000ft2', 'limestone'>>;

/** Every way that may be decided for: the methods, the laboratory's and the advisor's own. */
export const LIME_OPTIONS: readonly string[] = [
  ...REQUIREMENT_METHODS.map(({ id }) => id),
  'laboratory',
  'own',
];

/** One way to a lime requirement, before the bag's quality. */
export interface RequirementOption {
  readonly id: OptionId;
  readonly basis: Basis;
  /** As the source prints it; absent for amounts typed per 1000 ft². */
  readonly asPrinted: Figure | undefined;
  /** For the treated depth, with its range where it has one, before any credit. */
  readonly requirement: LimestoneRate;
  /** What is advised of it: the lower end of a range, less lime that is still at work. */
  readonly advised: LimestoneRate;
  /** The pH that the requirement brings the soil to: the target, or that of the column that stands for it. */
  readonly limesTo: MethodInput['target'];
}

interface OptionInput extends MethodInput {
  readonly file: AreaSlice;
  readonly areaId: string;
  readonly treatedDepth: Figure<Quantity<'in', 'depth'>>;
  readonly credit: LimestoneRate | undefined;
  /** A mix in containers: the tables are of soils and say nothing of it. */
  readonly pottingMix: boolean;
}

/** Two targets count as one within this. */
const SAME_PH = 1e-9;

function perAcreToRate(value: PerAcre): Quantity<'lb/1000ft2', 'limestone'> {
  return value.unit === 'ton/acre' ? tonsPerAcreToPerThousand(value) : perAcreToPerThousand(value);
}

/** From the method's depth to the treated one, then from acres to thousands of square feet. */
function treated(
  ctx: PlanContext,
  prefix: string,
  perAcre: Figure<PerAcre>,
  depthIn: number,
  treatedDepth: OptionInput['treatedDepth'],
): LimestoneRate {
  const reference = ctx.constant(
    { id: `${prefix}/table-depth`, label: msg('lime.tableDepth') },
    depthIn,
    'in',
    'depth',
  );
  const atDepth = ctx.sheet.derive(
    'proportion',
    { id: `${prefix}/at-depth`, label: msg('lime.atDepth') },
    [perAcre, treatedDepth, reference],
    (amount, now, of): PerAcre =>
      amount.unit === 'ton/acre' ? rescaleDepth(amount, now, of) : rescaleDepth(amount, now, of),
  );
  return ctx.sheet.derive(
    'convert',
    { id: `${prefix}/requirement`, label: msg('lime.perThousand'), source: 'definition' },
    [atDepth],
    perAcreToRate,
  );
}

function lessCredit(
  ctx: PlanContext,
  prefix: string,
  requirement: LimestoneRate,
  credit: LimestoneRate | undefined,
): LimestoneRate {
  if (!credit) return requirement;
  return ctx.sheet.deduct({ id: `${prefix}/less-credit`, label: msg('lime.lessCredit') }, [
    requirement,
    credit,
  ]);
}

/** The middle of the table's range, and where the buffer is silent no more than its first row. */
function byTexture(
  ctx: PlanContext,
  prefix: string,
  requirement: LimestoneRate,
  input: OptionInput,
): LimestoneRate {
  const entry = { id: `${prefix}/middle`, label: msg('lime.middle') };
  const middle = ctx.sheet.middle(entry, requirement);
  if (!bufferIsSilent(input.readings)) return middle;
  const top = smpTopRow(ctx, `${prefix}/top-row/table`, input);
  const most = treated(ctx, `${prefix}/top-row`, top, SMP_DEPTH_IN, input.treatedDepth);
  return ctx.sheet.cap({ id: `${prefix}/capped`, label: msg('lime.atMostTopRow') }, [middle, most]);
}

/** The target itself where the source has a column for it, else the next higher one that it has. */
function columnTarget(
  ctx: PlanContext,
  prefix: string,
  { targets = [], source }: RequirementMethod,
  target: MethodInput['target'],
): MethodInput['target'] {
  if ('absent' in target) return target;
  const wanted = target.value.value;
  const column = targets.find((each) => each >= wanted - SAME_PH);
  if (column === undefined || column - wanted < SAME_PH) return target;
  const entry = { id: `${prefix}/column`, label: msg('lime.column'), source } as const;
  return ctx.constant(entry, column, 'pH', 'water');
}

/** Decided for, and nobody said why. */
function isWithoutReason({ file }: OptionInput, { id }: RequirementMethod): boolean {
  const decision = file.decisions['lime-method'];
  return decision?.value === id && decision.reason.trim() === '';
}

/** What is advised of a requirement that has a range: the middle of it. */
function safeOf(
  ctx: PlanContext,
  prefix: string,
  { id, byDecision }: RequirementMethod,
  requirement: LimestoneRate,
  input: OptionInput,
): LimestoneRate {
  if (id === 'texture') return byTexture(ctx, prefix, requirement, input);
  if (!byDecision) return requirement;
  return ctx.sheet.middle({ id: `${prefix}/middle`, label: msg('lime.middle') }, requirement);
}

function methodOption(
  ctx: PlanContext,
  method: RequirementMethod,
  input: OptionInput,
): RequirementOption {
  const prefix = `${input.areaId}/lime/${method.id}`;
  const refused = input.pottingMix
    ? msg('absent.pottingMix')
    : method.byDecision && isWithoutReason(input, method)
      ? msg('absent.withoutReason')
      : undefined;
  const label = msg(`method.${method.id}`);
  const asPrinted: Figure<PerAcre> = refused
    ? ctx.sheet.absent({ id: `${prefix}/refused-here`, label }, refused)
    : method.compute(ctx, prefix, input);
  const requirement = treated(ctx, prefix, asPrinted, method.depthIn, input.treatedDepth);
  const safe = safeOf(ctx, prefix, method, requirement, input);
  const advised = lessCredit(ctx, prefix, safe, input.credit);
  const limesTo = columnTarget(ctx, prefix, method, input.target);
  return { id: method.id, basis: method.basis, asPrinted, requirement, advised, limesTo };
}

const LAB_BASIS: Readonly<Record<string, Basis>> = {
  product: UNSTATED,
  limestone: agriculturalLimestone('ncr-221'),
  pure: PURE_LIME,
};

const LAB_AMOUNT = { min: 0, max: 100_000 };

/** The laboratory's figure in lb/1000 ft², from the unit that it was printed in. */
function labRate(ctx: PlanContext, prefix: string, { readings }: OptionInput): LimestoneRate {
  const { at, typed } = readings.limeRecommendation;
  const label = msg('analyte.lime-rec');
  const entry = { id: `${prefix}/printed`, label, at, standing: 'report' as const };
  const converted = { id: `${prefix}/rate`, label: msg('lime.perThousand') };
  const { text, unit } = typed;
  if (unit === 'ton/acre' || unit === 'ton/acre-short-cut') {
    const tons = ctx.number(entry, text, LAB_AMOUNT, 'ton/acre', 'limestone');
    return unit === 'ton/acre'
      ? ctx.sheet.derive(
          'convert',
          { ...converted, source: 'definition' },
          [tons],
          tonsPerAcreToPerThousand,
        )
      : ctx.sheet.equation(
          { ...converted, label: msg('lime.shortCut'), source: 'practice' },
          TON_SHORT_CUT,
          [tons],
        );
  }
  if (unit === 't/ha') {
    const tonnes = ctx.number(entry, text, LAB_AMOUNT, 't/ha', 'limestone');
    const tons = ctx.sheet.derive(
      'convert',
      { id: `${prefix}/tons`, label: msg('lime.shortTons'), source: 'definition' },
      [tonnes],
      tonnesPerHectareToTonsPerAcre,
    );
    return ctx.sheet.derive(
      'convert',
      { ...converted, source: 'definition' },
      [tons],
      tonsPerAcreToPerThousand,
    );
  }
  if (unit === 'lb/acre') {
    const pounds = ctx.number(entry, text, LAB_AMOUNT, 'lb/acre', 'limestone');
    return ctx.sheet.derive(
      'convert',
      { ...converted, source: 'definition' },
      [pounds],
      perAcreToPerThousand,
    );
  }
  if (unit === 'lb/100ft2') {
    const pounds = ctx.number(entry, text, LAB_AMOUNT, 'lb/100ft2', 'limestone');
    return ctx.sheet.derive('convert', converted, [pounds], perHundredToPerThousand);
  }
  return ctx.number(entry, text, LAB_AMOUNT, 'lb/1000ft2', 'limestone');
}

/** The laboratory's recommendation; rescaled to the treated depth only where the advisor says so. */
function laboratoryOption(ctx: PlanContext, input: OptionInput): RequirementOption {
  const prefix = `${input.areaId}/lime/laboratory`;
  const rate = labRate(ctx, prefix, input);
  const rescaled = input.file.decisions['lab-rescale']?.value === 'yes';
  const requirement = rescaled
    ? ctx.sheet.derive(
        'proportion',
        { id: `${prefix}/at-depth`, label: msg('lime.atDepth') },
        [rate, input.treatedDepth, input.readings.reportDepth],
        rescaleDepth,
      )
    : rate;
  return {
    id: 'laboratory',
    basis: own(LAB_BASIS, input.readings.limeRecommendation.typed.method) ?? UNSTATED,
    asPrinted: undefined,
    requirement,
    advised: lessCredit(ctx, prefix, requirement, input.credit),
    limesTo: input.target,
  };
}

/** The advisor's own amount; it needs a reason, since it passes the guidance. */
function ownOption(
  ctx: PlanContext,
  { file, areaId, target }: OptionInput,
  guidance: RequirementOption | undefined,
): RequirementOption {
  const decision = file.decisions['lime-own'];
  const at = `decisions/${decisionKey(areaId, 'lime-own')}/value`;
  const entry = { id: `${areaId}/lime/own/amount`, label: msg('lime.own'), at };
  const reason = decision?.reason.trim() ?? '';
  const requirement: LimestoneRate =
    decision && decision.value.trim() !== '' && reason === ''
      ? ctx.sheet.absent(entry, msg('absent.ownWithoutReason'))
      : ctx.number(
          {
            ...entry,
            ...(guidance ? { override: { reason, replaces: guidance.advised.id } } : {}),
          },
          decision?.value ?? '',
          { min: 0, max: 1000 },
          'lb/1000ft2',
          'limestone',
          'decided',
        );
  return {
    id: 'own',
    basis: OF_PRODUCT,
    asPrinted: undefined,
    requirement,
    advised: requirement,
    limesTo: target,
  };
}

/** Every way to a requirement that fits the soil, the laboratory's and the advisor's own included. */
export function requirementOptions(ctx: PlanContext, input: OptionInput): RequirementOption[] {
  const soils = input.readings.organic ? 'organic' : 'mineral';
  const guidance = [
    ...REQUIREMENT_METHODS.filter(
      ({ soils: of, reads, byDecision }) =>
        of === soils && (!reads || input.readings.others[reads]) && (!byDecision || input.learned),
    ).map((method) => methodOption(ctx, method, input)),
    laboratoryOption(ctx, input),
  ];
  return [...guidance, ownOption(ctx, input, guidance.find(usable))];
}

function usable({ advised }: RequirementOption): boolean {
  return !('absent' in advised);
}

function isByDecision({ id }: RequirementOption): boolean {
  return REQUIREMENT_METHODS.some((method) => method.id === id && method.byDecision);
}

/** The option that the advisor chose, else the first that can be computed and needs nobody's decision. */
export function chosenOption(
  options: readonly RequirementOption[],
  decided: string | undefined,
): RequirementOption {
  const chosen = options.find(({ id }) => id === decided);
  const fallback =
    chosen ?? options.find((each) => usable(each) && !isByDecision(each)) ?? options[0];
  if (!fallback) throw new Error('chosenOption: there is no lime option at all');
  return fallback;
}
