// Format and lint; skipped when nothing has changed since they were last clean.
import { join } from 'node:path';
import { hashOf, root, run, unlessSame } from './inputs.mjs';

const at = (...path) => join(root, ...path);
const all = hashOf(at('src'), at('scripts'), at('eslint.config.js'), at('.prettierrc.json'), at('package-lock.json'));
unlessSame('lint', all, () => {
  run('npx prettier --check --log-level warn .');
  run('npx eslint --max-warnings 0 .');
});
