/** Prints `N passed, N failed`, summed over the two test runners' reports of the last ./check. */
import { existsSync, readFileSync } from 'node:fs';

interface JestReport {
  numPassedTests: number;
  numFailedTests: number;
  numFailedTestSuites: number;
}

interface PlaywrightReport {
  stats: { expected: number; unexpected: number; flaky: number };
}

function read<T>(file: string): T | undefined {
  return existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as T) : undefined;
}

const jest = read<JestReport>('.stamps/jest.json');
const browser = read<PlaywrightReport>('.stamps/playwright.json');
const passed = (jest?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0);
const failed =
  (jest ? Math.max(jest.numFailedTests, jest.numFailedTestSuites) : 1) +
  (browser ? browser.stats.unexpected + browser.stats.flaky : 1);
console.log(`${passed} passed, ${failed} failed`);
