// Makes the pages: packages, types of the API, bundle. Each is skipped when nothing it needs has changed.
import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { hashOf, openapi, root, run, unlessSame } from './inputs.mjs';

const at = (...path) => join(root, ...path);

const packages = hashOf(at('package.json'), at('package-lock.json'));
if (!existsSync(at('node_modules'))) rmSync(at('target', 'packages.stamp'), { force: true });
unlessSame('packages', packages, () => run('npm ci --no-audit --no-fund'));

const api = hashOf(openapi, at('package-lock.json'));
if (!existsSync(at('src', 'server', 'schema.d.ts'))) rmSync(at('target', 'api.stamp'), { force: true });
unlessSame('api', api, () => run(`npx openapi-typescript "${openapi}" --output src/server/schema.d.ts`));

const sources = hashOf(at('src'), at('public'), at('index.html'), at('vite.config.ts'), at('tsconfig.json'));
if (!existsSync(at('target', 'dist', 'index.html'))) rmSync(at('target', 'bundle.stamp'), { force: true });
unlessSame('bundle', sources + api + packages, () => run('npx vite build --logLevel warn'));
