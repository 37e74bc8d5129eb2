import { noticesOf, packageOf, runtimePackages } from './notices';

test('the package of a file is told by its folder', () => {
  expect(packageOf('node_modules/immer/dist/a.mjs')).toBe('node_modules/immer');
  expect(packageOf('packages/core/node_modules/@some/thing/x/y.js')).toBe(
    'packages/core/node_modules/@some/thing',
  );
  expect(packageOf('packages/core/src/model/ids.ts')).toBeNull();
});

test('each package is named with its licence and its text, once', () => {
  const folder = 'node_modules/@fontsource/marcellus';
  const notices = noticesOf([folder, folder]);
  expect(notices.match(/@fontsource\/marcellus/g)).toHaveLength(1);
  expect(notices).toContain('OFL-1.1');
  expect(notices).toMatch(/SIL OPEN FONT LICENSE/i);
});

test('what runs is told of, and what only tests is not', () => {
  const names = runtimePackages();
  expect(names).toEqual(expect.arrayContaining(['node_modules/react', 'node_modules/next']));
  expect(names).not.toContain('node_modules/jest');
  expect(noticesOf(names)).not.toContain('licence not named');
});
