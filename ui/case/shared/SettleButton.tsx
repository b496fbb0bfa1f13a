'use client';

import { useCallback, useMemo, type ReactNode } from 'react';
import { decisionKey, type Decision, type DecisionKind } from '../../../core/casefile/casefile';
import type { ProductPart } from '../../../core/treat/fertilizer/handOrder';
import { own } from '../../../core/kernel/typed/own';
import type { Json } from '../../../store/patch';
import { useCommands, type Command } from '../../commands/registry';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { Kbd } from '../../kit/Kbd';
import { useCase } from '../context/caseContext';
import { NextButton } from './NextButton';

/** The decision that a product's role is chosen by; a side-dressing is its nitrogen. */
export function productDecision(role: ProductPart['role']): DecisionKind {
  return role === 'row' ? 'feed-n' : `feed-${role}`;
}

interface SettleButtonProps {
  readonly what: 'ph-settled' | 'sulfur-settled' | 'feeding-settled';
}

/**
 * The one act that settles a step: it writes down what was advised, and the method and the
 * material that stood, so that a later default cannot change them behind a settled sum.
 */
export function SettleButton({ what }: SettleButtonProps): ReactNode {
  const { session, state, area } = useCase();
  const { lime, sulfur, fertilizer: feed } = area.treatments;
  const isPh = what !== 'feeding-settled';
  const treated = what === 'sulfur-settled' && sulfur ? sulfur : lime;
  const { digest, verdict } = isPh ? treated : feed;
  const doses = isPh
    ? treated.applications
    : feed.chosen.parts.flatMap((part) => part.applications);
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
    const method = lime.methods.find(({ chosen }) => chosen)?.option.id ?? '';
    const stood = {
      'ph-settled': [
        decide('lime-method', method),
        decide('lime-material', lime.chosenMaterial.id),
      ],
      'sulfur-settled': sulfur ? [decide('sulfur-material', sulfur.chosenMaterial.id)] : [],
      'feeding-settled': [
        decide('feed-source', feed.needs.source),
        decide('feed-way', feed.chosen.way),
        ...feed.chosen.parts.map(({ role, material }) =>
          decide(productDecision(role), material.id),
        ),
      ],
    };
    session.edit([...stood[what], decide(what, digest)], `settle:${what}:${digest}:${at}`);
    void session.flush();
    requestAnimationFrame(() => document.querySelector<HTMLElement>('[data-act]')?.focus());
  }, [areaId, digest, feed, lime, session, state.doc, sulfur, what]);
  const wanted = verdict === 'dose' && doses.length > 0 && !settled;
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
        {settled && doses.length > 0 && (
          <span className="font-semibold text-spruce">{text('settle.done')}</span>
        )}
        <NextButton />
      </span>
    );
  }
  return (
    <Button look="primary" onClick={settle} data-act="">
      {text(isPh ? 'settle.ph' : 'settle.feeding')}
      <Kbd>{text('settle.key')}</Kbd>
    </Button>
  );
}
