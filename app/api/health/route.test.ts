import { SCHEMA } from '../../../core/casefile/casefile';
import { refusal } from '../../../files/planApi/answer';
import { isOf, sent } from '../answers';
import { GET } from './route';

test('it says that it takes plans, and which', async () => {
  const answer = GET();
  expect([answer.status, answer.headers.get('cache-control')]).toEqual([200, 'no-store']);
  expect(await answer.json()).toMatchObject({
    status: 'ok',
    planApi: 1,
    caseSchema: SCHEMA,
    waiting: 0,
  });
});

test.each([
  [503, '2'],
  [413, null],
  [408, null],
] as const)('%d says in seconds when to come again: %s', async (status, seconds) => {
  const answer = sent(refusal(status, 'too much', { most: 5 }));
  expect([answer.status, answer.headers.get('retry-after')]).toEqual([status, seconds]);
  expect(await answer.json()).toEqual({ error: 'too much', most: 5 });
});

test.each([
  ['application/json', true],
  ['Application/JSON; charset=utf-8', true],
  ['application/json ;charset=utf-8', true],
  ['application/jsonx', false],
  ['', false],
])('%j is JSON: %s', (type, is) => {
  const headers = type === '' ? {} : { 'content-type': type };
  const request = new Request('http://localhost/', { method: 'POST', headers });
  expect(isOf(request, 'application/json')).toBe(is);
});
