import { execFileSync } from 'node:child_process';
import { expect, test as base, type Page } from '@playwright/test';

interface Watched {
  /** What broke the Content-Security-Policy, threw, or asked another origin; must stay empty. */
  readonly complaints: string[];
}

/** Tells of every policy violation, page error and request to another origin, in every test. */
export const test = base.extend<Watched>({
  complaints: [
    async ({ context, baseURL }, use) => {
      const complaints: string[] = [];
      await context.exposeFunction('complain', (words: string) => complaints.push(words));
      await context.addInitScript(() => {
        document.addEventListener(
          'securitypolicyviolation',
          ({ violatedDirective, blockedURI }) => {
            const { complain } = window as unknown as { complain: (words: string) => void };
            complain(`policy: ${violatedDirective} ${blockedURI}`);
          },
        );
      });
      context.on('weberror', (error) => complaints.push(`error: ${error.error().message}`));
      context.on('request', (request) => {
        const url = request.url();
        const own = url.startsWith(baseURL ?? '') || /^(data|blob|about|chrome):/.test(url);
        if (!own) complaints.push(`request: ${url}`);
      });
      await use(complaints);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

export type StepName =
  'Ground' | 'Sample' | 'Results' | 'Reading' | 'pH' | 'Fertilizer' | 'Calendar' | 'Slip' | 'Diary';

/** The report of a lawn, as texts. */
export interface LawnReport {
  readonly title?: string;
  readonly squareFeet?: string;
  readonly unknownArea?: boolean;
  readonly ph?: string;
  readonly buffer?: string;
  readonly texture?: string;
  readonly lab?: string;
  readonly om?: string;
  readonly percent?: string;
  readonly planFrom?: string;
}

/** The one lawn of the oracle. */
export const ORACLE: LawnReport = {
  title: 'Weir Cottage',
  squareFeet: '6200',
  ph: '5.4',
  buffer: '6.4',
  percent: '85',
  planFrom: '4 Oct 2027',
};

/**
 * SMP 6.4 to 6.5 is 4.7 tons/acre at 8 in.; × 4 ÷ 8 × 2000 ÷ 43.56 = 107.9 lb/1000 ft².
 * × 90 ÷ 85 × 6.2 = 708 lb; under 50 lb/1000 ft² a date three dressings of 236 lb;
 * 2 × 236 ÷ 40 = 11.8, 12 bags. Urea: 2 lb N ÷ 0.46 × 6.2 = 27 lb in three.
 */
export const PRINTED = [
  'Main lawn, 6,200 square feet',
  'Your soil is too acidic: pH 5.4.',
  'Buy 12 bags of pelletized limestone, 40 lb a bag',
  '4 Oct 2027: spread 236 lb of pelletized limestone, that is 5.9 bags. Walk 118 lb of it one way and 118 lb across.',
  '4 Apr 2028: spread 236 lb of pelletized limestone again.',
  '4 Aug 2028: bring a new soil sample.',
  '4 Oct 2028: 236 lb of pelletized limestone once more, only if the new test still says so.',
  'Buy 1 bag of urea 46-0-0, 40 lb a bag',
  // 2 lb of nitrogen, by shares of 0.75, 0.5 and 1 of 2.25: × 6.2 ÷ 0.46
  'Week of 19 Oct 2027 (late fall, when mowing has all but stopped): spread 9 lb of urea 46-0-0, 4.5 lb in each direction.',
  'Week of 16 May 2028 (late spring, before the heat): spread 6 lb of urea 46-0-0, 3 lb in each direction.',
  'Week of 16 Aug 2028 (early fall): spread 12 lb of urea 46-0-0, 6 lb in each direction.',
  'Dust. Wear gloves, glasses and a mask',
  'Local code first.',
];

/** The interface as a person uses it. */
export class App {
  constructor(readonly page: Page) {}

  async desk(): Promise<void> {
    await this.page.goto('/');
    await this.page.getByRole('heading', { level: 1 }).waitFor();
  }

  async newCase(): Promise<void> {
    await this.desk();
    await this.page.getByRole('button', { name: /^New case/ }).click();
    await this.field('Name of the case').waitFor();
  }

  field(label: string) {
    return this.page.locator('#worksheet').getByLabel(label, { exact: true });
  }

  async type(label: string, text: string): Promise<void> {
    await this.field(label).fill(text);
  }

  /** Chooses what is found by typing. */
  async find(label: string, name: string): Promise<void> {
    // A plain list stands in its place until what finds by typing is fetched.
    await expect(this.field(label)).toHaveJSProperty('tagName', 'INPUT');
    await this.field(label).fill(name);
    await this.page.getByRole('option', { name, exact: true }).click();
  }

  async go(step: StepName): Promise<void> {
    await this.page.getByRole('navigation').getByRole('button', { name: step }).click();
    await expect(this.page.locator('[aria-current="step"]')).toHaveText(new RegExp(step));
    await this.stands();
  }

  /** Waits until the step has come. */
  async stands(): Promise<void> {
    await expect(this.page.locator('#worksheet [aria-busy]')).toHaveCount(0);
  }

  async saved(): Promise<void> {
    // Tells what it said instead, where it never says so.
    await expect(this.page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
  }

  /** Another piece of ground, with its name. */
  async addGround(plant: string, name: string): Promise<void> {
    const before = this.page.url();
    await this.find('More ground, for', plant);
    await this.page.waitForURL((url) => url.href !== before);
    await expect(this.field('What grows there')).toHaveValue(plant);
    await expect(this.field('Name of the area')).toHaveValue('');
    await this.type('Name of the area', name);
  }

  /** Raised beds and rows of corn on the case's sample, and a herb bed that is not tested. */
  async addVegetables(): Promise<void> {
    await this.addGround('Mixed vegetables', 'Kitchen beds');
    await this.field('Shape').selectOption('raised-beds');
    await this.type('How many', '4');
    await this.type('Length', `12' 6"`);
    await this.type('Width', '4');
    await this.addGround('Mixed vegetables', 'Sweet corn');
    await this.field('Shape').selectOption('rows');
    await this.type('How many', '12');
    await this.type('Length', '30');
    await this.type('Between rows', '30 in');
    await this.addGround('Mixed vegetables', 'Herb bed');
    await this.type('Length', '3.81 m');
    await this.type('Width', '48 in');
    await this.field('Soil sample').selectOption('');
    await this.saved();
  }

  /** Goes to a piece of ground by the rail. */
  async choose(name: string): Promise<void> {
    const entry = this.page.getByRole('complementary').first().getByRole('button', { name });
    await entry.click();
    await expect(entry).toHaveAttribute('aria-current', 'true');
  }

  /** A new case with this report typed into it. */
  async typeLawn(report: LawnReport): Promise<void> {
    await this.newCase();
    await this.type('Name of the case', report.title ?? '');
    await this.type('Name of the area', 'Main lawn');
    const { unknownArea, squareFeet } = report;
    if (unknownArea || squareFeet) {
      await this.field('Shape').selectOption(unknownArea ? 'unknown' : 'square-feet');
    }
    if (squareFeet) await this.type('Area', squareFeet);
    await this.go('Results');
    if (report.ph) await this.type('pH (in water)', report.ph);
    if (report.buffer) await this.type('SMP buffer pH', report.buffer);
    if (report.om) await this.type('Organic matter', report.om);
    if (report.texture) await this.field('Texture').selectOption(report.texture);
    if (report.lab) await this.type('Lime recommended', report.lab);
    if (report.planFrom) await this.type('Plan from', report.planFrom);
    await this.go('pH');
    if (report.percent) await this.type('Percent', report.percent);
    await this.saved();
  }

  /** Deletes a case by the menu of its line on the Desk. */
  async deleteCase(name: string): Promise<void> {
    await this.page.getByRole('button', { name: `What to do with ${name}` }).click();
    await this.page.getByRole('button', { name: `Delete ${name}` }).click();
  }

  /** Chooses the paper in the Office, and stays until it is stored: what is shown is what is stored. */
  async officePaper(size: 'letter' | 'a4'): Promise<void> {
    const paper = this.page.getByLabel('Paper', { exact: true });
    await paper.selectOption(size);
    await expect(paper).toHaveValue(size);
  }

  /** The size of the printed paper in points. */
  async paperSize(): Promise<string> {
    const pdf = await this.page.pdf({ preferCSSPageSize: true });
    const info = execFileSync('pdfinfo', ['-'], { input: pdf, encoding: 'utf8' });
    return /Page size:\s+([\d.]+ x [\d.]+)/.exec(info)?.[1] ?? '';
  }

  /** The text of the printed page. */
  async printed(): Promise<string> {
    const pdf = await this.page.pdf({ preferCSSPageSize: true });
    return execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' });
  }
}
