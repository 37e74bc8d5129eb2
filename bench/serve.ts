import { spawn } from 'node:child_process';
import { once } from 'node:events';

const PORT = 4197;
export const ADDRESS = `http://localhost:${PORT}`;

/** Serves the built application while something is measured. */
export async function whileServed<T>(measure: () => Promise<T>): Promise<T> {
  const server = spawn('npm', ['run', 'start', '-w', '@tavu/web', '--', '-p', String(PORT)], {
    stdio: 'ignore',
    detached: true,
  });
  try {
    await up();
    return await measure();
  } finally {
    process.kill(-server.pid!);
    await once(server, 'exit').catch(() => undefined);
  }
}

async function up(): Promise<void> {
  for (;;) {
    try {
      if ((await fetch(`${ADDRESS}/api/schema`)).ok) return;
    } catch {
      await new Promise((done) => setTimeout(done, 200));
    }
  }
}
