// A headless browser window of 1280 by 800, controlled over its debugging port.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export const sleep = (ms) => new Promise((done) => setTimeout(done, ms));

/** Opens it: `send` tells it a command, `ask` has an expression worked out in its page, `close` ends it. */
export async function openPage() {
  const folder = mkdtempSync(join(tmpdir(), 'fair-ember-'));
  const quiet = ['networking', 'timer-throttling'].map((what) => `--disable-background-${what}`);
  const chromium = spawn(
    'chromium',
    ['--headless', '--no-sandbox', '--disable-gpu', '--no-first-run', '--remote-debugging-port=0', ...quiet, `--user-data-dir=${folder}`],
    { stdio: 'ignore' },
  );
  let port;
  while (!port) {
    await sleep(100);
    try {
      port = readFileSync(join(folder, 'DevToolsActivePort'), 'utf8').split('\n')[0];
    } catch {
      // Not begun yet.
    }
  }
  const target = (await (await fetch(`http://127.0.0.1:${port}/json`)).json()).find((t) => t.type === 'page');
  const socket = new WebSocket(target.webSocketDebuggerUrl);
  await new Promise((open) => (socket.onopen = open));
  const waiting = new Map();
  let last = 0;
  socket.onmessage = ({ data }) => {
    const { id: answered, result } = JSON.parse(data);
    waiting.get(answered)?.(result);
    waiting.delete(answered);
  };
  const send = (method, params = {}) =>
    new Promise((done) => {
      waiting.set(++last, done);
      socket.send(JSON.stringify({ id: last, method, params }));
    });
  const ask = async (expression) =>
    (await send('Runtime.evaluate', { expression, awaitPromise: true, returnByValue: true })).result.value;

  await send('Emulation.setDeviceMetricsOverride', { width: 1280, height: 800, deviceScaleFactor: 1, mobile: false });
  const close = async () => {
    chromium.kill();
    await sleep(300);
    rmSync(folder, { recursive: true, force: true });
  };
  return { send, ask, close };
}
