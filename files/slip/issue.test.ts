import { lawnCase, ORACLE } from '../../test/cases';
import { planCase } from '../../core/plan/plan';
import { validateCaseFile } from '../schemas/caseFile';
import { createEnglish } from '../../words/english';
import { createSpanish } from '../../words/spanish';
import { differences, issue, issuedOf } from './issue';
import { writtenPage } from './writtenPage';

const VOICE = createEnglish();
const GIVEN = { id: 'i1', on: '2027-10-04', at: '2027-10-04T12:00:00Z', units: 'us' } as const;
const LAWN = lawnCase(ORACLE);
const pageOf = (file = LAWN, voice = VOICE) => writtenPage(file, planCase(file), voice);

test('a page that was given out is kept in the case, word for word', () => {
  const record = issue(LAWN, pageOf(), GIVEN);
  const file = { ...LAWN, issued: { i1: record } };
  expect(validateCaseFile(JSON.parse(JSON.stringify(file))).kind).toBe('valid');
  expect(record).toMatchObject({ ...pageOf(), language: 'en', pack: LAWN.pack });
  // No plan rests on it.
  expect(planCase(file).slip).toEqual(planCase(LAWN).slip);
});

test('what differs is told line by line, and nothing where nothing does', () => {
  const then = pageOf();
  expect(differences(then, pageOf())).toEqual([]);
  const now = pageOf(lawnCase({ ...ORACLE, squareFeet: '7000' }));
  const differing = differences(then, now);
  expect(differing).toContainEqual({ side: 'then', text: 'Main lawn, 6,200 square feet' });
  expect(differing).toContainEqual({ side: 'now', text: 'Main lawn, 7,000 square feet' });
  expect(differing.map(({ text }) => text)).not.toContain('Your soil is too acidic: pH 5.4.');
});

test('the page of another language keeps its own words', () => {
  const spanish = { ...LAWN, client: { ...LAWN.client, language: 'es' as const } };
  const record = issue(spanish, pageOf(spanish, createSpanish()), GIVEN);
  expect(record.language).toBe('es');
  expect(record.lines.map(({ text }) => text)).toContain('Su suelo es demasiado ácido: pH 5.4.');
});

test('the last one given out stands first', () => {
  const record = issue(LAWN, pageOf(), GIVEN);
  const later = { ...record, id: 'i2', at: '2027-11-01T09:00:00Z' };
  const file = { ...LAWN, issued: { i1: record, i2: later } };
  expect(issuedOf(file).map(({ id }) => id)).toEqual(['i2', 'i1']);
});
