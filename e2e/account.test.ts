import { describe, expect, inject, it } from 'vitest';
import { Client } from 'pg';
import { fill, press, textOf, visit, waitForText } from './browser';
import { journey } from './journey';

const { base, browser, page } = await journey();
const arrives = (path: string) => page.waitForFunction((wanted) => location.pathname === wanted, { timeout: 15_000, polling: 100 }, path);

describe('an account', () => {
  it('is made with a venue; what is wrong stands beside its field', async () => {
    // Where the venue is, the clock of the device speaks for.
    await page.emulateTimezone('Europe/Athens');
    await visit(page, `${base}/sign-up`);
    await page.waitForFunction(() => [...document.querySelectorAll('input')].some((input) => input.value === 'Greece, GR'));
    await press(page, 'Make the account');
    await waitForText(page, 'tell us your name');
    await fill(page, 'Your name', 'Nadia');
    await fill(page, 'Email', 'not an address');
    await fill(page, 'Password', 'short');
    await fill(page, 'Venue', 'The Mole');
    await press(page, 'Make the account');
    await waitForText(page, 'write an email address');
    await waitForText(page, 'at least ten characters');
    await fill(page, 'Email', 'nadia@example.invalid');
    await fill(page, 'Password', 'a long pass phrase');
    await press(page, 'Make the account');
    await arrives('/');
    await waitForText(page, 'Begin where you stand');
    expect(await textOf(page)).toContain('The Mole');
  });
  it('sees nothing of another venue', async () => {
    const database = new Client({ connectionString: inject('databaseUrl') });
    await database.connect();
    const { rows } = await database.query<{ id: string }>("select id from wine where name = 'Black Scree'");
    await database.end();
    await visit(page, `${base}/wines/${rows[0]!.id}`);
    await waitForText(page, 'Nothing here');
    await visit(page, `${base}/notebook`);
    await waitForText(page, 'No notes yet');
  });
  it('signs out everywhere; a page then leads to the door, and a wrong password is one sentence', async () => {
    await visit(page, `${base}/settings`);
    await press(page, 'Sign out everywhere');
    await arrives('/come-in');
    await page.goto(`${base}/cellar`);
    await arrives('/come-in');
    await visit(page, `${base}/come-in`);
    await fill(page, 'Email', 'nadia@example.invalid');
    await fill(page, 'Password', 'the wrong one');
    await press(page, 'Sign in');
    await waitForText(page, 'The address or the password is not right');
    await fill(page, 'Password', 'a long pass phrase');
    await press(page, 'Sign in');
    await arrives('/');
  });
  it('gets a new password by a letter', async () => {
    await visit(page, `${base}/forgot`);
    await fill(page, 'Email', 'nadia@example.invalid');
    await press(page, 'Send the letter');
    await waitForText(page, 'a letter with a link is on its way');
    const database = new Client({ connectionString: inject('databaseUrl') });
    await database.connect();
    const { rows } = await database.query<{ body: string }>(`select body from mail where "to" = 'nadia@example.invalid' order by sent_at desc limit 1`);
    await database.end();
    const code = /\/reset\/(\S+)/.exec(rows[0]!.body)![1]!;
    await visit(page, `${base}/reset/${code}`);
    await fill(page, 'New password', 'another long phrase');
    await press(page, 'Set it');
    await arrives('/come-in');
    await fill(page, 'Email', 'nadia@example.invalid');
    await fill(page, 'Password', 'another long phrase');
    await press(page, 'Sign in');
    await arrives('/');
  });
  it('only ever goes on to a page of our own', async () => {
    const context = await browser.createBrowserContext();
    const other = await context.newPage();
    await visit(other, `${base}/come-in?next=https://evil.example/`);
    await press(other, 'Come in as the demo');
    await other.waitForFunction(() => location.pathname === '/', { timeout: 15_000, polling: 100 });
    expect(new URL(other.url()).origin).toBe(base);
    await context.close();
  });
});
