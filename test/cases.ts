import {
  decisionKey,
  type CaseFile,
  type DecisionKind,
  type Typed,
} from '../core/casefile/casefile';
import { newCase } from '../core/casefile/newCase';

/** What the tests vary of the one lawn. Everything is text, as typed. */
export interface LawnInput {
  squareFeet?: string;
  unknownArea?: boolean;
  situation?: 'established' | 'stressed' | 'tilled';
  clippings?: 'unknown' | 'returned' | 'removed';
  ph?: string;
  buffer?: string;
  om?: string;
  cec?: string;
  texture?: string;
  lab?: Partial<Typed>;
  depth?: string;
  label?: { kind: 'CCE' | 'ECCE'; percent: string; bag?: string };
  planFrom?: string;
  decisions?: Partial<Record<DecisionKind, string>>;
}

/** A case of one lawn, of invented data. */
export function lawnCase(input: LawnInput): CaseFile {
  const base = newCase('case-1', '2027-10-04');
  const lawn = base.areas['lawn'];
  const report = base.reports['r1'];
  if (!lawn || !report) throw new Error('lawnCase: newCase has changed');
  const typed = (text = '', unit = '', method = ''): Typed => ({ text, unit, method });
  const decisions = Object.fromEntries(
    Object.entries(input.decisions ?? {}).map(([what, value]) => [
      decisionKey('lawn', what as DecisionKind),
      { what: what as DecisionKind, value, reason: '', at: '2027-10-04T12:00:00Z' },
    ]),
  );
  return {
    ...base,
    title: 'Weir Cottage',
    planFrom: input.planFrom ?? base.planFrom,
    areas: {
      lawn: {
        ...lawn,
        name: 'Main lawn',
        situation: input.situation ?? 'established',
        clippings: input.clippings ?? 'unknown',
        shape: {
          ...lawn.shape,
          kind: input.unknownArea ? 'unknown' : 'square-feet',
          squareFeet: input.squareFeet ?? '6200',
        },
      },
    },
    reports: {
      r1: {
        ...report,
        depth: input.depth ?? '',
        results: {
          s1: {
            'ph-water': typed(input.ph, 'pH'),
            'ph-smp': typed(input.buffer, 'pH'),
            om: typed(input.om, '%'),
            cec: typed(input.cec, 'meq/100g'),
            texture: typed(input.texture),
            'lime-rec': { ...typed('', 'lb/1000ft2', 'product'), ...input.lab },
          },
        },
      },
    },
    labels: input.label
      ? {
          'calcitic-pelletized': {
            kind: input.label.kind,
            percent: input.label.percent,
            bag: input.label.bag ?? '',
          },
        }
      : {},
    decisions,
  };
}

/** The oracle of the first issue: 6,200 ft², pH 5.4, SMP 6.4, a bag of CCE 85. */
export const ORACLE: LawnInput = {
  ph: '5.4',
  buffer: '6.4',
  label: { kind: 'CCE', percent: '85', bag: '40' },
};
