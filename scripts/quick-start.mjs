// quick-start.mjs JAR FOLDER: unpacks the application and keeps the class data of one start and its first answers, so that later
// starts are quick. Without class data a start only takes longer.
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline';

const [jar, folder] = process.argv.slice(2).map((path) => resolve(path));
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
const cwd = folder;
const name = 'fairember.jar';
const extract = ['-Djarmode=tools', '-jar', jar, 'extract', '--destination', 'app', '--application-filename', name];
const unpacked = spawnSync('java', extract, { cwd });
if (unpacked.status !== 0) {
  console.error(`${jar} was not unpacked: ${unpacked.error ?? unpacked.stderr}`);
  process.exit(1);
}

const java = spawn(
  'java',
  [
    '-XX:ArchiveClassesAtExit=classes.jsa',
    '-XX:+UseSerialGC',
    '-XX:TieredStopAtLevel=1',
    '-Dspring.aot.enabled=true',
    // The whole path: class data is not used by a start from another folder otherwise.
    ...['-jar', join(folder, 'app', name)],
    ...['--server.port=0', '--fairember.demo=true', '--fairember.data=training'],
  ],
  { cwd, stdio: ['ignore', 'pipe', 'ignore'] },
);
const gone = once(java, 'exit');
try {
  for await (const line of createInterface({ input: java.stdout })) {
    const at = line.match(/http:\/\/localhost:\d+/)?.[0];
    if (!at) continue;
    for (const view of ['bench', 'baking', 'designs', 'mixes', 'batches', 'shelf', 'limits', 'settings']) {
      await (await fetch(`${at}/api/${view}`)).text();
    }
    java.kill();
  }
} catch (trouble) {
  console.error(`No class data were kept: ${trouble}`);
  java.kill();
}
await gone;
rmSync(join(folder, 'training'), { recursive: true, force: true });
