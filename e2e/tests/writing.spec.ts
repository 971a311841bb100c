import { writeFile } from 'node:fs/promises';
import { choose, expect, proven, test } from '../fixtures.js';
import { dataFolder, startServer } from '../server.js';

const THREE = `Harbour light
60 ml white rum
22.5 ml fresh lime juice
20 ml sea purslane cordial
Shake with ice, double strain into a coupe.
Garnish: lime wheel

Abendbrot
6 cl Bourbon
1 cl Zuckersirup
2 Spritzer Bitter
Rühren, in einen Tumbler auf Eis abseihen.

Quai
4 cl de gin
2 cl de jus de citron
2 cl de sirop de sucre
Frapper, filtrer dans une coupe.`;

test('three recipes pasted, one with an unknown part: mended, judged, less sweet, kept, poured again as it was, taken out', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.address}/notebook/write`);
  const sentence = page.getByRole('heading', { level: 1 });
  await page.getByLabel('A recipe, or several: typed or pasted').fill(THREE);
  await expect(sentence).toHaveText('Harbour light: 1 line to settle');
  await expect(page.getByRole('radio')).toHaveCount(3);
  await expect(page.getByRole('button', { name: 'Save as our own drink' })).toBeDisabled();

  // The unknown part is a kind of one's own; with it the drink has its figures.
  await page.getByRole('button', { name: '“sea purslane cordial” is a kind of our own' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Sugar').fill('600');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(sentence).toHaveText(/^Harbour light: 1\d\.\d% vol, 1\d\d ml$/);
  const understood = page.getByRole('region', { name: /^What was understood/ });
  await expect(understood.getByLabel('Kind of sea purslane cordial')).toHaveValue('Sea purslane cordial');

  // Less sweet, in steps that can be measured; the text is what was found.
  const figures = page.getByRole('table', { name: 'Its figures among its family' });
  const sugar = async () =>
    Number(/Sugar\s*([\d.]+) g/.exec(await figures.getByRole('row', { name: /^Sugar/ }).innerText())?.[1]);
  const before = await sugar();
  await page.getByRole('button', { name: 'Less sweet' }).click();
  await page.getByRole('button', { name: 'Write it so' }).click();
  await expect.poll(sugar).toBeLessThan(before);
  await page.getByLabel('Why so? (for the versions)').fill('As written, a little drier.');
  await page.getByRole('button', { name: 'Save as our own drink' }).click();
  await expect(page).toHaveURL(/\/notebook\/own-harbour-light$/);
  await expect(page.getByRole('heading', { name: /^Written here · 1 version/ })).toBeVisible();

  // The plan counts it once it must open it; it is poured and rated like any other.
  await page.getByRole('button', { name: 'I must have this' }).click();
  await expect(page.getByRole('button', { name: 'No longer a must-have' })).toBeVisible();
  await page.getByRole('button', { name: '4 of 5, very good' }).click();
  await page.getByLabel('What it tastes of').fill('Salt and lime.');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('“Salt and lime.”')).toBeVisible();
  await expect(page.getByRole('heading', { name: /^How it was liked · 4 of 5, once/ })).toBeVisible();

  // Another version, and back to the first; the search finds it like any other.
  await page.getByRole('link', { name: 'Write another version' }).click();
  const text = page.getByLabel('A recipe, or several: typed or pasted');
  await expect(text).toHaveValue(/^Harbour light/);
  // An amount is typed into its field, and stands in the text.
  await understood.getByLabel('How much White rum').fill('50');
  await expect(text).toHaveValue(/^50 ml White rum$/m);
  await page.getByRole('button', { name: 'Save as another version' }).click();
  await expect(page.getByText(/^2 .* · 50 ml white rum, not \d+(\.\d+)? ml/)).toBeVisible();
  await page.getByRole('button', { name: 'Pour version 1 again' }).click();
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /^1 .*the first/ })
      .getByText('poured now'),
  ).toBeVisible();
  await page.getByLabel(/^Find a drink/).fill('harbour light');
  await expect(page.getByRole('group', { name: 'Drinks found' }).getByRole('link')).toHaveText([
    /^Harbour light/,
  ]);

  await page.getByLabel('Side by side').check();
  const beside = page.getByRole('table', { name: 'Versions side by side' });
  await expect(beside.getByRole('row', { name: /^White rum/ })).toContainText('50 ml');
  await expect(beside.getByRole('row', { name: /^Liked/ })).toHaveText(/4 of 5\s*–/);

  // A house spec stands in the place of the printed one, and goes again.
  await page.goto(`${demo.address}/notebook/write/daiquiri`);
  await text.fill((await text.inputValue()).replace('20 ml Simple', '15 ml Simple'));
  await page.getByRole('button', { name: 'Save as our Daiquiri' }).click();
  await expect(page.getByRole('heading', { name: /^The house’s own spec/ })).toBeVisible();
  const spec = page.getByRole('table', { name: 'What goes in' });
  await expect(spec.getByRole('row', { name: /Simple syrup/ })).toContainText('15 ml');
  await page.getByText('As printed', { exact: true }).click();
  await expect(spec.getByRole('row', { name: /Simple syrup/ })).toContainText('20 ml');
  await page.getByRole('button', { name: 'Back to the spec as it was printed' }).click();
  await expect(page.getByRole('heading', { name: 'As you make it' })).toBeVisible();
});

test('a drink written from what is there is poured at once, counted by the plan, and rated', async ({
  page,
  demo,
  request,
}) => {
  await page.goto(`${demo.address}/notebook/write`);
  await page
    .getByLabel('A recipe, or several: typed or pasted')
    .fill('Low water\n45 ml dry gin\n15 ml dry vermouth\nBuild in a rocks glass, with ice in the glass.');
  await page.getByRole('button', { name: 'Save as our own drink' }).click();
  const sentence = page.getByRole('heading', { level: 1 });
  await expect(sentence).toHaveText('Low water: yours to pour now');
  await page.getByRole('link', { name: 'Pour it' }).click();
  await page.getByText('Already poured? Write it down').click();
  await page.getByRole('button', { name: 'Write it down', exact: true }).click();
  const pours = async () =>
    (await (await request.get(`${demo.address}/api/pours`)).json()) as {
      value: { drink: string; parts: { ml: number }[] };
    }[];
  const mine = async () => (await pours()).filter((p) => p.value.drink === 'own-low-water');
  await expect.poll(async () => (await mine())[0]?.value.parts.map((p) => p.ml)).toEqual([45, 15]);
  await page.goto(`${demo.address}/plan`);
  await proven(page);
  const opened = await request.get(`${demo.address}/api/recipes`);
  expect(((await opened.json()) as { id: string }[]).map((r) => r.id)).toContain('own-low-water');
  // The index marks what the plan makes; a drink of one's own is among it whatever canon the brief counts.
  await page.goto(`${demo.address}/notebook`);
  await page.getByLabel(/^Find a drink/).fill('low water');
  await expect(page.getByRole('link', { name: /^Low water ?, your plan makes it/ })).toBeVisible();
  await page.getByRole('link', { name: /^Low water/ }).click();
  await page.getByRole('button', { name: '5 of 5, the one' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await page.getByRole('link', { name: 'Liked', exact: true }).click();
  await expect(page.getByRole('table', { name: /best liked drink of each family/ })).toContainText(
    'Low water',
  );
});

test('what was written goes out, and comes into an empty household unchanged; a page of recipes is asked about', async ({
  page,
  demo,
  request,
}, info) => {
  const out = await request.get(`${demo.address}/api/recipes.json`);
  const file = info.outputPath('recipes.json');
  await writeFile(file, await out.body());
  const data = dataFolder();
  const other = await startServer(data.path);
  await page.goto(`${other.address}/notebook/exchange`);
  const bring = page.getByLabel('Text, a page, JSON-LD, a table, or a notebook');
  await bring.setInputFiles(file);
  const parts = page.getByRole('table', { name: 'What stands in the notebook' });
  await expect(parts.getByRole('row', { name: /^Drinks/ })).toHaveText(/6\s*0\s*0/);
  await page.getByRole('button', { name: /^Save 1\d$/ }).click();
  await expect(page.getByText(/^1\d saved\.$/)).toBeVisible();
  const back = await request.get(`${other.address}/api/recipes.json`);
  const byId = (json: Record<string, unknown>) =>
    Object.fromEntries(
      Object.entries(json).map(([key, of]) => [
        key,
        Array.isArray(of) ? [...(of as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1)) : of,
      ]),
    );
  expect(byId((await back.json()) as Record<string, unknown>)).toEqual(
    byId((await out.json()) as Record<string, unknown>),
  );
  // The same again is nothing new.
  await bring.setInputFiles(file);
  await expect(page.getByRole('button', { name: 'Save 0' })).toBeDisabled();

  // Text: what is new, what is made otherwise here, and what is not known, each asked.
  const pasted = info.outputPath('few.txt');
  await writeFile(
    pasted,
    `${THREE}\n\n\nDaiquiri\n60 ml white rum\n30 ml lime juice\n15 ml simple syrup\nShake.`,
  );
  await bring.setInputFiles(pasted);
  await expect(
    page.getByText(/^2 new drinks, 0 the same as here, 1 made otherwise here, 1 not wholly/),
  ).toBeVisible();
  const keep = page.getByRole('button', { name: /^Save \d/ });
  await expect(keep).toBeDisabled();
  await choose(page, 'What is to become of these?', 'keep each as another version');
  const asked = page.getByRole('combobox', { name: 'What is “sea purslane cordial”?' });
  await asked.fill('elderflower cord');
  await page.getByRole('option', { name: 'Elderflower cordial' }).click();
  await expect(keep).toHaveText('Save 4');
  await keep.click();
  await expect(page.getByText('4 saved.')).toBeVisible();
  await page.getByRole('link', { name: 'Ours', exact: true }).click();
  await expect(page.getByRole('table', { name: 'Drinks of our own' }).getByRole('row')).toHaveCount(11);
  const booklet = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Files' }).click();
  await page.getByRole('button', { name: 'Make it: 10 drinks' }).click();
  expect((await booklet).suggestedFilename()).toBe('booklet.pdf');
  await page.close();
  await other.stop();
  data.remove();
});
