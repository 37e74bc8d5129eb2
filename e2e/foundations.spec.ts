import { readFileSync } from 'node:fs';
import type { Project } from '../packages/core/src/model';
import { breakLines, builtInFont, textWidth } from '../packages/core/src/text';
import { largeProject } from '../packages/core/src/starter';
import { expect, test } from './desk';

test('the policy forbids evaluating text, in the page and in its answer', async ({ desk, request }) => {
  const answer = await request.get('/');
  expect(answer.headers()['content-security-policy']).toContain("script-src 'self' 'nonce-");
  expect(answer.headers()['content-security-policy']).not.toContain('unsafe-eval');
  // The page itself tries, on a click, as an injected script would.
  const evaluated = await desk.page.evaluate(
    () =>
      new Promise((done) => {
        document.addEventListener('securitypolicyviolation', (event) => done(event.violatedDirective), {
          once: true,
        });
        const frame = document.createElement('a');
        frame.setAttribute('onclick', 'window.ranInline = true');
        document.body.append(frame);
        frame.click();
      }),
  );
  expect(evaluated).toBe('script-src-attr');
  expect(await desk.page.evaluate(() => 'ranInline' in window)).toBe(false);
  desk.expectsFaults = true;
});

test('a worker built from the core reads files in the production build', async ({ desk }) => {
  expect(desk.page.workers()).toEqual([]);
  await desk.openMade(largeProject(12));
  expect(desk.page.workers().length).toBeGreaterThan(0);
});

test('every answer is sealed, only asking is answered, and none tells of the inside', async ({ request }) => {
  for (const path of [
    '/',
    '/built/player.js',
    '/api/schema',
    '/nothing',
    '/_next/static/nothing.js',
    '/_next/image?url=x',
  ])
    for (const method of ['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']) {
      const answer = await request.fetch(path, { method });
      const headers = answer.headers();
      const asked = method === 'GET' || method === 'HEAD';
      expect([path, method, answer.status() === 405]).toEqual([path, method, !asked]);
      if (!asked) expect(headers.allow).toBe('GET, HEAD');
      expect([path, method, headers['x-content-type-options']]).toEqual([path, method, 'nosniff']);
      expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
      expect(headers['x-powered-by']).toBeUndefined();
      expect(await answer.text()).not.toMatch(/node_modules|\bat \w+ \(|\/work\//);
    }
});

test('the server gives the schema that files are checked against', async ({ request }) => {
  const answer = await request.get('/api/schema');
  expect(await answer.json()).toEqual(JSON.parse(readFileSync('docs/project.schema.json', 'utf8')));
});

test('core and Chromium agree on the width of every line of the demo to half a pixel', async ({ desk }) => {
  const project = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
  const styles = new Map(project.styles.text.map((style) => [style.id, style]));
  const texts = project.screens.flatMap((screen) =>
    screen.elements.flatMap((element) =>
      element.type === 'text' || element.type === 'button'
        ? [...element.text.split('\n')].map((text) => ({
            text,
            look: { ...styles.get(element.look.style)!, ...element.look },
          }))
        : [],
    ),
  );
  expect(texts.length).toBeGreaterThan(40);
  const measured = await desk.page.evaluate(
    (lines) => {
      const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
      document.body.append(svg);
      return lines.map(({ text, look }) => {
        const line = document.createElementNS('http://www.w3.org/2000/svg', 'text');
        const family =
          look.font === 'display' ? 'tavu-display' : look.weight === 700 ? 'tavu-plain-bold' : 'tavu-plain';
        line.setAttribute('font-family', family);
        line.setAttribute('font-size', String(look.size));
        line.textContent = text;
        svg.append(line);
        return line.getComputedTextLength();
      });
    },
    texts.map(({ text, look }) => ({
      text,
      look: { font: look.font, weight: look.weight, size: look.size },
    })),
  );
  const off = texts
    .map(({ text, look }, i) => ({
      text,
      by: Math.abs(textWidth(text, builtInFont(look.font, look.weight), look.size) - measured[i]!),
    }))
    .filter(({ by }) => by > 0.5);
  expect(off).toEqual([]);
});

/** The demo's sort of sentences, also in languages with longer words and more dots. */
const SAID: Record<string, string[]> = {
  English: [
    'Lightning and a turning beam. Options, Access softens both.',
    'Keep the light burning until sunrise',
    'AVATAR To. We’ll wait “here” – and here…',
  ],
  German: [
    'Blitze und ein kreisender Lichtstrahl. Unter Zugänglichkeit lässt sich beides dämpfen.',
    'Halte das Leuchtfeuer bis zum Sonnenaufgang am Brennen',
    'Übergröße: Straßenlaternenölstandsanzeige',
  ],
  Finnish: [
    'Salamoita ja pyörivä valokeila. Asetuksista molempia voi pehmentää.',
    'Pidä valo palamassa auringonnousuun asti',
    'Hääyöaie, jäätelöä, öljylamppu, Äänisjärvi',
  ],
};

test('core and Chromium break lines alike in English, German and Finnish, in every style', async ({
  desk,
}) => {
  const project = JSON.parse(readFileSync('examples/saltwick-light/project.json', 'utf8')) as Project;
  const lines = project.styles.text.flatMap((style) =>
    [0, 3].flatMap((letters) =>
      Object.values(SAID)
        .flat()
        .flatMap((text) =>
          breakLines(text, builtInFont(style.font, style.weight), style.size, 900, letters).map((line) => ({
            ...line,
            letters,
            size: style.size,
            family:
              style.font === 'display'
                ? 'tavu-display'
                : style.weight === 700
                  ? 'tavu-plain-bold'
                  : 'tavu-plain',
          })),
        ),
    ),
  );
  expect(lines.length).toBeGreaterThan(120);
  const measured = await desk.page.evaluate((all) => {
    const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    document.body.append(svg);
    return all.map(({ text, family, size, letters }) => {
      const line = document.createElementNS('http://www.w3.org/2000/svg', 'text');
      line.setAttribute('font-family', family);
      line.setAttribute('font-size', String(size));
      if (letters) line.setAttribute('letter-spacing', String(letters));
      line.textContent = text;
      svg.append(line);
      // Chromium counts the room after the last letter too.
      return line.getComputedTextLength() - (text === '' ? 0 : letters);
    });
  }, lines);
  const off = lines
    .map(({ text, width, size }, i) => ({ text, size, by: Math.abs(width - measured[i]!) }))
    .filter(({ by }) => by > 0.5);
  expect(off).toEqual([]);
});

test('a screen’s edit is in the picture at once', async ({ desk }) => {
  await desk.choose('Title');
  await desk.reading.getByRole('button', { name: /^Heading text/ }).click();
  await desk.reading.getByRole('textbox', { name: 'Text', exact: true }).fill('Another light');
  await expect.poll(() => desk.words()).toContain('Another light');
});
