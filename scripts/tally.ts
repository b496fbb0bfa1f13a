/**
 * `npm run tally`: the share of tests, the size of files and functions, the share of docstrings,
 * a run of the docstrings' examples, and how many values of the published fixtures are independent of the code.
 * Ends with an error when an example is not true or a fixture does not say.
 */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { isDeepStrictEqual } from 'node:util';
import ts from 'typescript';

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.tsx'], {
  encoding: 'utf8',
})
  .split('\n')
  .filter(Boolean)
  // What a script writes from the catalogues is nobody's code.
  .filter((file) => file !== 'core/kernel/messages/messages.ts');
const isTest = (file: string): boolean => /\.test\.tsx?$|^(published|e2e|test)\//.test(file);
const lines = (file: string): number =>
  readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '').length;

interface Found {
  readonly functions: { readonly name: string; readonly lines: number }[];
  readonly exported: { readonly name: string; readonly documented: boolean }[];
  readonly examples: {
    readonly file: string;
    readonly expression: string;
    readonly expected: string;
  }[];
}

function nameOf(node: ts.Node): string {
  return 'name' in node && node.name ? (node.name as ts.Node).getText() : 'anonymous';
}

function examplesOf(node: ts.Node, file: string): Found['examples'] {
  return ts.getJSDocTags(node).flatMap((tag) => {
    if (tag.tagName.text !== 'example') return [];
    const [expression = '', expected] = String(ts.getTextOfJSDocComment(tag.comment) ?? '').split(
      ' // ',
    );
    return expected === undefined ? [] : [{ file, expression, expected }];
  });
}

function survey(file: string, found: Found): void {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  const visit = (node: ts.Node): void => {
    const span = (at: number): number => source.getLineAndCharacterOfPosition(at).line;
    if (ts.isFunctionDeclaration(node) || ts.isMethodDeclaration(node)) {
      found.functions.push({
        name: `${file}:${nameOf(node)}`,
        lines: span(node.end) - span(node.getStart()) + 1,
      });
    }
    if (ts.isFunctionDeclaration(node)) {
      const isExported = node.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
      const documented = ts.getJSDocCommentsAndTags(node).length > 0;
      if (isExported) found.exported.push({ name: `${file}:${nameOf(node)}`, documented });
      if (isExported) found.examples.push(...examplesOf(node, file));
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
}

function quantiles(values: readonly number[]): string {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number): number => sorted[Math.floor((sorted.length - 1) * share)] ?? 0;
  return `${at(0.5)} / ${at(0.9)} / ${at(1)}`;
}

async function runExamples(examples: Found['examples']): Promise<number> {
  const quantity = (await import('../core/kernel/units/quantity')).quantity;
  let wrong = 0;
  for (const { file, expression, expected } of examples) {
    const exported = (await import(path.resolve(file))) as Record<string, unknown>;
    const scope = { quantity, ...exported };
    const run = (code: string): unknown =>
      new Function(...Object.keys(scope), `return (${code});`)(...Object.values(scope));
    const [got, wanted] = [run(expression), run(expected)];
    if (isDeepStrictEqual(got, wanted)) continue;
    wrong += 1;
    console.error(`${file}: ${expression} is ${JSON.stringify(got)}, not ${expected}`);
  }
  return wrong;
}

/** How a fixture stands to the code: its head says whether it was typed from another source than the code's. */
const INDEPENDENCE = ['independent', 'self-check'] as const;

/** Counts the rows of the published fixtures by their independence; gives those that do not say. */
function independence(): string[] {
  const fixtures = execFileSync('git', ['ls-files', 'published/fixtures/*.csv'], {
    encoding: 'utf8',
  })
    .split('\n')
    .filter(Boolean);
  const counts = { independent: 0, 'self-check': 0 };
  const silent: string[] = [];
  for (const file of fixtures) {
    const text = readFileSync(file, 'utf8').split('\n');
    const kind = INDEPENDENCE.find((each) => text[0]?.startsWith(`# ${each}: `));
    const rows = text.filter((line) => line !== '' && !line.startsWith('#')).length - 1;
    if (kind) counts[kind] += rows;
    else silent.push(file);
    console.log(`  ${path.basename(file)}: ${rows} rows, ${kind ?? 'does not say'}`);
  }
  console.log(
    `published fixtures: ${counts.independent} rows independent, ${counts['self-check']} rows self-check`,
  );
  return silent;
}

const found: Found = { functions: [], exported: [], examples: [] };
const code = files.filter((file) => !isTest(file));
code.forEach((file) => survey(file, found));
const core = (name: string): boolean => name.startsWith('core/');
const tests = files.filter(isTest).reduce((sum, file) => sum + lines(file), 0);
const all = files.reduce((sum, file) => sum + lines(file), 0);
const inCore = found.exported.filter(({ name }) => core(name));
const bare = inCore.filter(({ documented }) => !documented);

console.log(`tests: ${Math.round((100 * tests) / all)} % of ${all} lines (wanted: 25 to 33)`);
console.log(
  `lines a file, median / p90 / most: core ${quantiles(code.filter(core).map(lines))}, all ${quantiles(code.map(lines))}`,
);
console.log(
  `lines a function: core ${quantiles(found.functions.filter(({ name }) => core(name)).map((f) => f.lines))}, all ${quantiles(found.functions.map((f) => f.lines))}`,
);
console.log(
  `exported functions of the core with a docstring: ${inCore.length - bare.length} of ${inCore.length}`,
);
bare.forEach(({ name }) => console.log(`  without: ${name}`));
const silent = independence();
void runExamples(found.examples).then((wrong) => {
  console.log(
    `docstring examples: ${found.examples.length - wrong} of ${found.examples.length} true`,
  );
  process.exit(wrong === 0 && silent.length === 0 ? 0 : 1);
});
