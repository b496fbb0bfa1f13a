import type { ReactNode } from 'react';

interface SectionProps {
  readonly title: string;
  /** Its table needs the whole width: the title stands over it. */
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** A labelled row of the worksheet. */
export function Section({ title, wide = false, children }: SectionProps): ReactNode {
  return (
    <section
      className={`grid gap-x-4 gap-y-2 border-t border-rule py-3 ${wide ? '' : 'rail:grid-cols-[7rem_minmax(0,1fr)]'}`}
    >
      <h2 className="pt-1 text-small font-semibold text-ink-2">{title}</h2>
      <div className="min-w-0">{children}</div>
    </section>
  );
}

interface StepHeadProps {
  readonly title: ReactNode;
  readonly below?: ReactNode;
  readonly act?: ReactNode;
}

/** The one sentence that a step comes to, and the one act that it wants. */
export function StepHead({ title, below, act }: StepHeadProps): ReactNode {
  return (
    <div className="flex items-start justify-between gap-x-6 gap-y-2 pb-3 max-phone:flex-wrap">
      <div className="min-w-0">
        <h1 className="font-serif text-decision font-semibold">{title}</h1>
        {below && <div className="mt-0.5 text-ink-2">{below}</div>}
      </div>
      {act}
    </div>
  );
}
