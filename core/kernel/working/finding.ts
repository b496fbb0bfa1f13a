import type { Into, Msg, MsgId, MsgParam, NamesIn } from '../messages/msg';
import type { Figure, WorkingId } from './working';

type Severity = 'note' | 'decide' | 'stop';
/** The steps of a case, in the order of the work. */
export const STEPS = [
  'ground',
  'sample',
  'results',
  'reading',
  'ph',
  'feeding',
  'calendar',
  'slip',
  'diary',
] as const;
export type StepId = (typeof STEPS)[number];

/** The steps that lead to the page; the diary is kept after it. */
export const STEPS_TO_PAGE = STEPS.filter((step) => step !== 'diary');

/** What a plan may have to say: the findings that the catalogue has a sentence for. */
export type FindingName = NamesIn<'finding'>;
/** Those that may be open, with a sentence for the Desk. */
type OpenName = NamesIn<'turns'> & FindingName;

/** A question about something typed, until it is mended or said to be right. */
export interface Question {
  /** What the advisor's answer stands for; a changed value is asked about anew. */
  readonly token: string;
  /** The likely mend: what it comes to, and the edit that does it. */
  readonly repair?: { readonly label: Msg; readonly path: string; readonly value: string };
}

/** Something the plan has to say to the advisor, and what it rests on. */
export interface Finding {
  /** The ground that it speaks of; `case` for what is said of all. */
  readonly areaId: string;
  readonly name: FindingName;
  /** What tells it from another of the same name on the same ground. */
  readonly subject: string | undefined;
  readonly step: StepId;
  readonly severity: Severity;
  readonly message: Msg;
  /** The same in short, for lists; only what is open has one. */
  readonly turns: Msg | undefined;
  readonly restsOn: readonly WorkingId[];
  /** Where it asks about something typed: how to answer. */
  readonly question: Question | undefined;
}

/** What a finding is beside its name and its parameters. */
interface More {
  readonly restsOn?: readonly Figure[];
  readonly subject?: string;
  readonly question?: Question;
}

/** Of a finding without parameters only what it rests on; of another its parameters first. */
export type Told<Name extends FindingName> =
  Into<`finding.${Name}`, MsgParam> extends readonly [params?: Msg['params']]
    ? [params?: Msg['params'], restsOn?: readonly Figure[], more?: Omit<More, 'restsOn'>]
    : [
        params: Into<`finding.${Name}`, MsgParam>[0],
        restsOn?: readonly Figure[],
        more?: Omit<More, 'restsOn'>,
      ];

/** What is not open may be any finding; only what lists have a sentence for may be. */
export type SeverityOf<Name extends FindingName> = Name extends OpenName ? Severity : 'note';

/**
 * Makes a finding. A name that the catalogue has no sentence for, a parameter that is left out, and an open
 * finding that lists have no words for do not compile.
 */
export function findingOf<Name extends FindingName>(
  areaId: string,
  step: StepId,
  severity: SeverityOf<Name>,
  name: Name,
  ...[params, restsOn = [], { subject, question } = {}]: Told<Name>
): Finding {
  // The types above have checked both ids and all parameters, which the compiler cannot follow in here.
  const said = (family: 'finding' | 'turns'): Msg => ({
    id: `${family}.${name}` as MsgId,
    ...(params && family === 'finding' ? { params } : {}),
  });
  return {
    areaId,
    name,
    subject,
    step,
    severity,
    message: said('finding'),
    turns: severity === 'note' ? undefined : said('turns'),
    restsOn: restsOn.map(({ id }) => id),
    question,
  };
}

/**
 * What a finding is known by, one of a kind in a plan: `lawn/limeUnsettled`, `lawn/jump/p`.
 */
export function findingKey({ areaId, name, subject }: Finding): string {
  return [areaId, name, ...(subject === undefined ? [] : [subject])].join('/');
}

/** Findings that ask to approve an amount: the step itself has the act for it. */
const APPROVALS: ReadonlySet<FindingName> = new Set([
  'limeUnsettled',
  'sulfurUnsettled',
  'feedUnsettled',
]);

/** Whether a finding only asks to approve what a step has worked out. */
export function asksApproval({ name }: Finding): boolean {
  return APPROVALS.has(name);
}
