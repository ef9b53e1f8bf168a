import { comeIn, desktop, openBrowser, phone, press, select, settled, visit, waitForText } from './browser';
const base = 'http://127.0.0.1:4790';
const { browser, close } = await openBrowser();
const page = await browser.newPage();
await page.setViewport(desktop);
await comeIn(page, base);
const take = async (name: string, full = false) => {
  await settled(page);
  await new Promise((r) => setTimeout(r, 500));
  await page.screenshot({ path: `/tmp/look/${name}.png` as `${string}.png`, fullPage: full });
};
const first = (path: string, text: string) =>
  page.evaluate(
    async (p, t) => new RegExp(`href="(/[a-z]+/[0-9a-f-]{36})"[^>]*>(?:(?!href=).)*?${t}`).exec(await (await fetch(p)).text())?.[1] ?? '',
    path,
    text,
  );
const wine = await first('/cellar', 'Black Scree');
const flight = await first('/flights', 'Fire and salt');
await take('cellar');
await page.keyboard.press('?');
await take('keys');
await page.keyboard.press('Escape');
await visit(page, base + wine + '/edit');
await take('edit');
await (await page.$('button[aria-haspopup="listbox"]'))!.click();
await take('edit-open');
await page.keyboard.press('Escape');
await visit(page, base + flight);
await press(page, 'Purpose');
await take('flight');
await visit(page, base + '/notebook');
await take('notebook');
await visit(page, base + '/settings');
await take('settings');
await visit(page, base + (await first('/notebook', 'Black Scree')));
await take('note');
await page.setViewport(phone);
await visit(page, base + '/notebook');
await take('notebook-phone');
await visit(page, base + flight);
await take('flight-phone');
await close();
void select;
void waitForText;
