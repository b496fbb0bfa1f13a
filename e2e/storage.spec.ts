import { App, expect, test } from './app';
import { seeded } from './seeded';

test('a reload in the middle of typing loses nothing, not even what does not parse', async ({
  page,
}) => {
  const app = new App(page);
  await app.newCase();
  await app.field('Name of the case').pressSequentially('Weir Cott');
  await page.reload();
  await expect(app.field('Name of the case')).toHaveValue('Weir Cott');
  await app.go('Results');
  await app.field('pH (in water)').pressSequentially('6,1');
  await page.reload();
  await expect(app.field('pH (in water)')).toHaveValue('6,1');
  await expect(page.getByText('“6,1” has a comma. Did you mean 6.1?')).toBeVisible();
});

/** The long form kills it 200 times: `CRASHES=200 npm run browser`. */
const CRASHES = Number(process.env['CRASHES'] ?? 10);

test('a renderer that crashes at seeded moments leaves a valid document', async ({
  page,
  context,
}) => {
  test.setTimeout(900_000);
  const random = seeded(20271004);
  let app = new App(page);
  await app.newCase();
  await app.saved();
  const url = page.url();
  let typed = '';
  for (let crash = 0; crash < CRASHES; crash += 1) {
    const { page: dying } = app;
    const title = app.field('Name of the case');
    await title.waitFor();
    const before = await title.inputValue();
    expect(typed.startsWith(before)).toBe(true);
    typed = `${before}${'abcdefghij'.slice(0, 2 + Math.floor(random() * 8))}`;
    await title.focus();
    await dying.keyboard.press('End');
    const cdp = await context.newCDPSession(dying);
    const crashed = dying.waitForEvent('crash');
    const typing = dying.keyboard
      .type(typed.slice(before.length), { delay: 20 })
      .catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, random() * 700));
    void cdp.send('Page.crash').catch(() => undefined);
    await crashed;
    await typing;
    await dying.close();
    app = new App(await context.newPage());
    await app.page.goto(url);
  }
  await app.field('Name of the case').waitFor();
  await expect(app.page.getByRole('navigation', { name: 'Steps' })).toBeVisible();
  await app.desk();
  await expect(app.page.locator('[data-case-link]')).toHaveCount(1);
});

/** The long form makes 1,000 edits: `EDITS=1000 npm run browser`. */
const EDITS = Number(process.env['EDITS'] ?? 100);

test('two pages with 100 seeded interleaved edits keep them all', async ({ page, context }) => {
  test.setTimeout(1_800_000);
  const random = seeded(200);
  const app = new App(page);
  await app.newCase();
  await app.saved();
  const other = new App(await context.newPage());
  await other.page.goto(page.url());
  const places = {
    0: ['Name of the case', 'Client', 'Length'],
    1: ['Place', 'What they ask', 'Width'],
  };
  const last = new Map<string, string>();
  for (let edit = 0; edit < EDITS; edit += 1) {
    const who = random() < 0.5 ? 0 : 1;
    const label = places[who][Math.floor(random() * 3)] ?? 'Client';
    const text = `${label[0]}${edit}`;
    await (who === 0 ? app : other).type(label, text);
    last.set(label, text);
  }
  await Promise.all([app.saved(), other.saved()]);
  for (const each of [app, other]) {
    for (const [label, text] of last) await expect(each.field(label)).toHaveValue(text);
  }
  await page.reload();
  for (const [label, text] of last) await expect(app.field(label)).toHaveValue(text);
});

test('a field in use that changes elsewhere shows both values and asks', async ({
  page,
  context,
}) => {
  const app = new App(page);
  await app.newCase();
  await app.saved();
  const other = new App(await context.newPage());
  await other.page.goto(page.url());
  await app.type('Client', 'Ada');
  await app.saved();
  await expect(other.field('Client')).toHaveValue('Ada');
  await other.type('Client', 'Ada Quill');
  await expect(page.getByText('Changed elsewhere to “Ada Quill”.')).toBeVisible();
  await app.type('Client', 'Ben Wharf');
  await other.field('Place').focus();
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await expect(other.field('Client')).toHaveValue('Ben Wharf');
  await app.type('Client', 'Ben W.');
  await app.saved();
  await expect(other.field('Client')).toHaveValue('Ben W.');
  await other.type('Client', 'Cy Marsh');
  await page.getByRole('button', { name: 'Take the other' }).click();
  await expect(app.field('Client')).toHaveValue('Cy Marsh');
});

test('a case is deleted with undo, and brought back from the list', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.type('Name of the case', 'Weir Cottage');
  await app.saved();
  await app.desk();
  await app.deleteCase('Weir Cottage');
  await expect(page.getByText('“Weir Cottage” is deleted.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-case-link]')).toHaveText('Weir Cottage');
  await app.deleteCase('Weir Cottage');
  await expect(page.locator('[data-case-link]')).toHaveCount(0);
  await page.reload();
  await page.getByText('One deleted case, kept for 30 days').click();
  await page.getByRole('button', { name: 'Bring back' }).click();
  await expect(page.locator('[data-case-link]')).toHaveText('Weir Cottage');
});

test('a case of a newer version is refused whole, in words', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.saved();
  const url = page.url();
  await app.desk();
  await page.evaluate(
    (id) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('agrologos');
        opening.onsuccess = () => {
          const store = opening.result.transaction('cases', 'readwrite').objectStore('cases');
          const reading = store.get(id);
          reading.onsuccess = () => {
            const row = reading.result as { doc: { schema: number } };
            store.put({ ...row, doc: { ...row.doc, schema: 99 } }).onsuccess = () => resolve();
          };
        };
        opening.onerror = () => reject(new Error('no database'));
      }),
    new URL(url).searchParams.get('id') ?? '',
  );
  await page.goto(url);
  await expect(page.getByRole('heading')).toContainText('written by a newer Agrologos (version 99');
  await page.goto('/case?id=nobody');
  await expect(page.getByRole('heading')).toHaveText('This case is not on the Desk.');
});

test('a full disk is said in words, and nothing typed is lost', async ({ page }) => {
  const app = new App(page);
  await app.newCase();
  await app.saved();
  await page.evaluate(() => {
    const kept = IDBObjectStore.prototype.put;
    const full = window as unknown as { free: () => void };
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('no space', 'QuotaExceededError');
    };
    full.free = () => (IDBObjectStore.prototype.put = kept);
  });
  await app.type('Client', 'Ada Quill');
  await expect(page.getByText('Not saved: the browser has no space left')).toBeVisible();
  await page.reload();
  await expect(app.field('Client')).toHaveValue('Ada Quill');
  await app.saved();
  await page.evaluate(() => {
    const kept = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function once() {
      IDBObjectStore.prototype.put = kept;
      throw new DOMException('no space', 'QuotaExceededError');
    };
  });
  await app.type('Place', 'Upper Weir');
  await page.getByRole('button', { name: 'Try again' }).click();
  await app.saved();
  await page.reload();
  await expect(app.field('Place')).toHaveValue('Upper Weir');
});

test('a browser without storage is told of in words', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('denied', 'SecurityError');
    };
  });
  await page.goto('/');
  await expect(page.getByText('will not open its storage')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Try again' })).toBeVisible();
});

test('a tab of an older version that does not let go is told of, and the page goes on when it is closed', async ({
  page,
  context,
}) => {
  const old = await context.newPage();
  await old.goto('/icon.svg');
  await old.evaluate(
    () =>
      new Promise((resolve) => {
        const asked = indexedDB.open('agrologos', 40);
        asked.onsuccess = () => resolve(Object.assign(window, { held: asked.result }).held.version);
      }),
  );
  await page.goto('/');
  await expect(
    page.getByText('A tab with an older version of Agrologos holds your cases.'),
  ).toBeVisible();
  await old.close();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No cases yet.');
  await expect(page.getByText('holds your cases')).toBeHidden();
});

test('a tab of an older version lets go of its data for a newer one, and says so', async ({
  page,
  context,
}) => {
  const app = new App(page);
  await app.newCase();
  await app.type('Client', 'Ada Quill');
  await app.saved();
  const newer = await context.newPage();
  await newer.goto('/icon.svg');
  await newer.evaluate(
    () =>
      new Promise((resolve) => {
        indexedDB.open('agrologos', 9990).onsuccess = resolve;
      }),
  );
  await expect(page.getByText('Another tab opened a newer version')).toBeVisible();
  // What is typed from here on is kept until it can be stored.
  await app.field('Place').fill('Lower Fen');
  const kept = await page.evaluate(() => JSON.stringify({ ...localStorage }));
  expect(kept).toContain('Lower Fen');
});
