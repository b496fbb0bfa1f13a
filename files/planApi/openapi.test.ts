import { readFileSync } from 'node:fs';
import Ajv2020, { type ValidateFunction } from 'ajv/dist/2020';
import { anyCase } from '../../test/anyCase';
import { answerPlan } from './answer';

const DOCUMENT = JSON.parse(readFileSync('docs/formats/openapi.json', 'utf8')) as Record<
  string,
  unknown
>;

/** The check of one of the document's schemas. */
function schema(name: string): ValidateFunction {
  const ajv = new Ajv2020({ strict: false });
  ajv.addSchema({ $id: 'https://openapi.test/', components: DOCUMENT['components'] });
  const check = ajv.getSchema(`https://openapi.test/#/components/schemas/${name}`);
  if (!check) throw new Error(`no schema ${name}`);
  return check;
}

test('what is sent and what is answered is as the document has it, over seeded cases', () => {
  const [isCase, isPlan, isFaults] = [schema('Case'), schema('Plan'), schema('Faults')];
  for (let seed = 0; seed < 60; seed += 1) {
    const file = anyCase(seed);
    const bytes = new TextEncoder().encode(JSON.stringify(file));
    const { status, body } = answerPlan(bytes, seed % 2 ? 'us' : 'metric');
    if (status !== 200) continue;
    expect([seed, isCase(file), isCase.errors]).toEqual([seed, true, null]);
    expect([seed, isPlan(JSON.parse(body)), isPlan.errors]).toEqual([seed, true, null]);
  }
  const faults: unknown = JSON.parse(answerPlan(new TextEncoder().encode('{}'), 'us').body);
  expect([isFaults(faults), isPlan(faults)]).toEqual([true, false]);
});
