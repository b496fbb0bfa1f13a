'use client';

import { Component, type ReactNode } from 'react';
import { TellUs } from './TellUs';
import { text } from '../format/shell';

interface ContainedProps {
  readonly children: ReactNode;
  /** What the part is, for who reads the report. */
  readonly part: string;
  /** A change of it is a new attempt. */
  readonly attempt: unknown;
  /** What is said in its place; a few words where nothing is given. */
  readonly instead?: ReactNode;
}

interface Failed {
  readonly fault: Error | undefined;
  readonly attempt: unknown;
}

/** Keeps a fault of one part of a page to that part: the rest goes on, and the part says so in words. */
export class Contained extends Component<ContainedProps, Failed> {
  override readonly state: Failed = { fault: undefined, attempt: this.props.attempt };

  static getDerivedStateFromError(fault: unknown): Pick<Failed, 'fault'> {
    return { fault: fault instanceof Error ? fault : new Error(String(fault)) };
  }

  static getDerivedStateFromProps({ attempt }: ContainedProps, state: Failed): Failed | null {
    return attempt === state.attempt ? null : { fault: undefined, attempt };
  }

  override render(): ReactNode {
    const { children, part, instead } = this.props;
    const { fault } = this.state;
    if (!fault) return children;
    return (
      <div role="alert" className="border-l-3 border-madder bg-madder-wash px-3 py-2">
        <p className="font-semibold">{text('broken.part')}</p>
        <p>{text('broken.other')}</p>
        {instead}
        <TellUs where={part} fault={`${fault.name}: ${fault.message}`} />
      </div>
    );
  }
}
