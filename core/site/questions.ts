import {
  findingOf,
  type Finding,
  type FindingName,
  type Question,
  type SeverityOf,
  type StepId,
  type Told,
} from '../kernel/working/finding';

/** Something typed that is more likely a slip than a fact. */
export type Asked = Finding & { readonly question: Question };

/** Makes a question about something typed. */
export function asking<Name extends FindingName>(
  at: { readonly areaId: string; readonly step: StepId },
  question: Question,
  name: Name & ('decide' extends SeverityOf<Name> ? unknown : never),
  ...told: Told<Name>
): Asked {
  const open = 'decide' as SeverityOf<Name>;
  return { ...findingOf<Name>(at.areaId, at.step, open, name, ...told), question };
}
