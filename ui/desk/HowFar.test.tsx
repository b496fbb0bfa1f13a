import { renderToStaticMarkup } from 'react-dom/server';
import { indexRow } from '../../core/plan/indexRow';
import { lawnCase, ORACLE, type LawnInput } from '../../test/cases';
import { planCase } from '../../core/plan/plan';
import { HowFar } from './HowFar';

const shown = (input: LawnInput, facts = {}): string => {
  const row = indexRow(lawnCase(input), 0, 0, planCase);
  return renderToStaticMarkup(<HowFar row={{ ...row, facts: { ...row.facts, ...facts } }} />);
};

test('a case says at which step it stands', () => {
  expect(shown({})).toMatch(/At \w+, step [1-3] of 8/);
});

test('with a report it has come further', () => {
  expect(shown(ORACLE)).toContain('At pH, step 5 of 8');
});

test('a case that is done says so', () => {
  expect(shown(ORACLE, { finished: true })).toContain('All steps are done');
});
