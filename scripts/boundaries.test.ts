import { spawnSync } from 'node:child_process';

/** Lines that lint must refuse where they stand, and one it must let through. */
const REFUSED: [string, string][] = [
  ['packages/core/src/model/x.ts', "import { useState } from 'react';\nexport const x = useState;\n"],
  [
    'packages/core/src/model/x.ts',
    "import { readFileSync } from 'node:fs';\nexport const x = readFileSync;\n",
  ],
  ['packages/core/src/model/x.ts', "import { Player } from '@tavu/player';\nexport const x = Player;\n"],
  [
    'packages/core/src/model/x.ts',
    "import { Player } from '../../../player/src/player';\nexport const x = Player;\n",
  ],
  ['packages/core/src/model/x.ts', 'export const x = document.title;\n'],
  ['packages/player/src/x.ts', "import { Window } from '@tavu/web/window';\nexport const x = Window;\n"],
  ['packages/cli/src/x.ts', "import { Player } from '@tavu/player';\nexport const x = Player;\n"],
];
const LET_THROUGH: [string, string] = [
  'packages/player/src/x.ts',
  "import { compile } from '@tavu/core/compile';\nexport const x = compile;\n",
];

/** Lint is an ES module of its own, so it is asked in a process of its own, once for all. */
const SCRIPT = `
  import { ESLint } from 'eslint';
  const eslint = new ESLint();
  const said = [];
  for (const [filePath, text] of JSON.parse(process.env.LINES)) {
    const [result] = await eslint.lintText(text, { filePath });
    said.push(result.messages.map((each) => each.message).join(' '));
  }
  console.log(JSON.stringify(said));
`;

test('packages depend one way, and the core knows no page and no Node', () => {
  const lines = [...REFUSED, LET_THROUGH];
  const { stdout } = spawnSync('node', ['--input-type=module', '-e', SCRIPT], {
    encoding: 'utf8',
    env: { ...process.env, LINES: JSON.stringify(lines) },
  });
  const said = JSON.parse(stdout) as string[];
  expect(said.at(-1)).toBe('');
  for (const [i] of REFUSED.entries()) expect(said[i]).toMatch(/one way|knows no page/);
}, 120_000);
