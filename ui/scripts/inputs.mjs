// What the pages are made from, as one hash: when it has not changed, nothing is made again.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));
export const openapi = join(root, '..', 'app', 'src', 'main', 'resources', 'openapi', 'openapi.json');

function* filesIn(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* filesIn(path);
    else yield path;
  }
}

export function hashOf(...paths) {
  const hash = createHash('sha256');
  for (const path of paths) {
    const files = existsSync(path) && !path.match(/\.\w+$/) ? [...filesIn(path)].sort() : [path];
    for (const file of files.filter((f) => existsSync(f) && !f.endsWith('schema.d.ts'))) {
      hash.update(relative(root, file)).update('\0').update(readFileSync(file)).update('\0');
    }
  }
  return hash.digest('hex');
}

/** Runs the work unless its stamp holds the same hash already. */
export function unlessSame(name, hash, work) {
  const stamp = join(root, 'target', `${name}.stamp`);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return false;
  work();
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, hash);
  return true;
}

export function run(command) {
  console.log(`> ${command}`);
  const done = spawnSync(command, { cwd: root, stdio: 'inherit', shell: true });
  if (done.status !== 0) process.exit(done.status ?? 1);
}
