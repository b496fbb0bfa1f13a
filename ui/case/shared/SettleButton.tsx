'use client';

import {
  decisionKey,
  PINNED,
  type Decision,
  type DecisionKind,
  type Settlement,
} from '../../../core/casefile/decisions';
import { useCallback, useMemo, type ReactNode } from 'react';
import { treatmentsIn } from '../../../core/treat/treatments';
import { own } from '../../../core/kernel/typed/own';
import type { Json } from '../../../store/patch';
import { useCommands, type Command } from '../../commands/registry';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Kbd } from '../../kit/Kbd';
import { useCase } from '../context/caseContext';
import { ByWhom } from './ByWhom';
import { NextButton } from './NextButton';

interface SettleButtonProps {
  readonly what: Settlement;
}

/**
 * The one act that settles a treatment: it writes down what was advised, and what stood, so that a later default cannot
 * change it behind a settled sum.
 */
export function SettleButton({ what }: SettleButtonProps): ReactNode {
  const { session, state, area } = useCase();
  const { treatments } = area;
  const treatment =
    treatmentsIn(treatments).find(({ settledBy }) => settledBy === what) ?? treatments.lime;
  const { digest, isDosed, products, stands, step } = treatment;
  const dosed = products.some(({ applications }) => applications.length > 0);
  const areaId = area.area.id;
  const settled = own(state.doc.decisions, decisionKey(areaId, what))?.value === digest;
  const settle = useCallback((): void => {
    const at = new Date().toISOString();
    const decide = (kind: DecisionKind, value: string): { path: string; value: Json } => {
      const key = decisionKey(areaId, kind);
      const before = own(state.doc.decisions, key);
      // The reason for what is approved stays with it.
      const reason = before?.value === value ? before.reason : '';
      const decision: Decision = { what: kind, value, reason, at };
      return { path: `decisions/${key}`, value: { ...decision } };
    };
    const stood = PINNED[what].flatMap((kind) => {
      const value = stands[kind];
      return value === undefined ? [] : [decide(kind, value)];
    });
    session.edit([...stood, decide(what, digest)], `settle:${what}:${digest}:${at}`);
    void session.flush();
    requestAnimationFrame(() => document.querySelector<HTMLElement>('[data-act]')?.focus());
  }, [areaId, digest, session, stands, state.doc, what]);
  const wanted = isDosed && dosed && !settled;
  const commands = useMemo<readonly Command[]>(
    () =>
      wanted
        ? [{ id: 'settle', label: text('command.settle'), keys: ['Ctrl+Enter'], run: settle }]
        : [],
    [wanted, settle],
  );
  useCommands(commands);
  if (!wanted) {
    return (
      <span className="flex items-center gap-3">
        {settled && dosed && (
          <span className="flex flex-col items-end">
            <span className="font-semibold text-spruce">{text('settle.done')}</span>
            <ByWhom short place={`decisions/${decisionKey(areaId, what)}`} />
          </span>
        )}
        <NextButton />
      </span>
    );
  }
  return (
    <Button look="primary" onClick={settle} data-act="">
      {text(`settle.${step}`)}
      <Kbd>{text('settle.key')}</Kbd>
    </Button>
  );
}
