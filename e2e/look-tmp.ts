import { comeIn, openBrowser, phone, press, visit, waitForText, fill, textOf } from './browser';
const base = 'http://127.0.0.1:4790';
const { browser, close } = await openBrowser();
const shot = async (page: any, name: string) => { await new Promise((r) => setTimeout(r, 900)); await page.screenshot({ path: `/tmp/${name}.png` }); };
const watch = (page: any, name: string) => { page.on('pageerror', (e: any) => console.log(name, 'ERR', e.message)); page.on('console', (m: any) => m.type() === 'error' && console.log(name, m.text().slice(0, 300))); };
try {
  const host = await browser.newPage();
  watch(host, 'HOST');
  await comeIn(host, base);
  await visit(host, `${base}/flights`);
  await press(host, 'Fire and salt');
  await host.waitForFunction(() => location.pathname.startsWith('/flights/'));
  await press(host, 'Pour');
  await new Promise((r) => setTimeout(r, 2500));
  if ((await textOf(host)).includes('Open the evening')) await press(host, 'Open the evening');
  await waitForText(host, 'Guests join');
  if (!(await textOf(host)).includes('k=')) await press(host, 'Picture code');
  const link = (await textOf(host)).match(/http:\S+\/join\/\S+/)![0];
  const guests = [];
  for (const name of ['Ana', 'Bram', 'Chidi', 'Dorte']) {
    const context = await browser.createBrowserContext();
    const page = await context.newPage();
    await page.setViewport(phone);
    watch(page, name);
    await visit(page, link);
    await waitForText(page, 'Sit down');
    await fill(page, 'Your name', name);
    await press(page, 'Sit down');
    await waitForText(page, 'seat');
    guests.push(page);
  }
  await waitForText(host, 'Dorte');
  const begin = (await textOf(host)).includes('Begin: pour');
  if (begin) await press(host, 'Begin: pour');
  await waitForText(guests[0]!, 'Wine');
  if (begin) await press(host, 'Poured: on to');
  await shot(host, 'l7');
  // each guest writes through the api
  for (const [i, page] of guests.entries()) {
    await page.evaluate(async (i) => {
      const t = await (await fetch('/api/v1/guest/tasting')).json();
      const n = t.notes[0];
      const note = await (await fetch('/api/v1/guest/notes/' + n.id)).json();
      const ideas = [{ id: 'a', at: 'aroma', grape: ['Chardonnay','Assyrtiko','Riesling','Carricante'][i], age: i + 1, place: ['Greece','Santorini','Germany','France'][i], price: ['middle','dearer','cheaper','middle'][i], certainty: 50 }];
      await fetch('/api/v1/guest/notes/' + n.id, { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ writeId: 'w' + i, baseRevision: note.revision, document: { ...note.document, observed: { clarity: 'clear', colour: 'white', depth: 30, noseStill: 50, acidity: 50 + 10 * i, body: 40, quality: 80 + i, finish: { seconds: 20 } }, chips: [{ id: 'c', term: 'lemon', layer: 'first', strength: 2 }], ideas } }) });
    }, i);
  }
  await shot(host, 'l8');
  await press(guests[0]!, 'Read what you wrote');
  await waitForText(guests[0]!, 'Lock this glass');
  await press(guests[0]!, 'Lock this glass');
  await waitForText(guests[0]!, 'Locked');
  await shot(guests[0]!, 'l9');
  await press(host, 'Unmask');
  await waitForText(host, 'still covered');
  await shot(host, 'l10');
  for (const fact of ['price', 'age', 'grape']) { await press(host, `Uncover the ${fact}`); await waitForText(host, fact === 'price' ? 'a bottle' : 'had it'); await new Promise((r) => setTimeout(r, 500)); }
  await shot(host, 'l11');
  await shot(guests[0]!, 'l12');
  await host.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
  await press(host, 'Pour');
  await waitForText(host, 'Guests join');
  await shot(host, 'l13');
  await host.setViewport(phone);
  await shot(host, 'l14');
} catch (e) { console.log(e); } finally { await close(); }
