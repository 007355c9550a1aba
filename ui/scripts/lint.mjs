// Format, types and lint; skipped when nothing has changed since they were last clean.
import { join } from 'node:path';
import { hashOf, openapi, root, run, unlessSame } from './inputs.mjs';

const at = (...path) => join(root, ...path);
const all = hashOf(
  openapi,
  at('src'),
  at('scripts'),
  at('vite.config.ts'),
  at('tsconfig.json'),
  at('.oxlintrc.json'),
  at('.oxfmtrc.json'),
  at('package-lock.json'),
);
unlessSame('lint', all, () => {
  run('npx oxfmt --check .');
  run('npx oxlint --type-aware --type-check --deny-warnings src vite.config.ts');
  run('npx oxlint --deny-warnings scripts');
});
