import { connect, type Socket } from 'node:net';

/** What is asked for again and again. */
export interface Asked {
  port: number;
  path: string;
  headers?: Record<string, string>;
}

/**
 * Keeps asking over several connections at once, each as soon as it has its answer.
 * @returns answers per second
 */
export async function answersPerSecond(
  asked: Asked,
  { connections, seconds }: { connections: number; seconds: number },
): Promise<number> {
  let answers = 0;
  let over = false;
  const sockets = await Promise.all(Array.from({ length: connections }, () => opened(asked.port)));
  const begun = performance.now();
  const all = sockets.map(async (socket) => {
    const ask = asker(socket, asked);
    while (!over) {
      await ask();
      answers += 1;
    }
    socket.destroy();
  });
  setTimeout(() => (over = true), seconds * 1000);
  await Promise.all(all);
  return (answers * 1000) / (performance.now() - begun);
}

function opened(port: number): Promise<Socket> {
  return new Promise((resolve, reject) => {
    const socket = connect(port, '127.0.0.1', () => resolve(socket));
    socket.once('error', reject);
  });
}

/** Sends a request over a connection that stays open, and waits for the whole answer. */
function asker(socket: Socket, { path, headers = {} }: Asked): () => Promise<void> {
  const lines = Object.entries(headers).map(([name, value]) => `${name}: ${value}\r\n`);
  const request = `GET ${path} HTTP/1.1\r\nHost: 127.0.0.1\r\n${lines.join('')}\r\n`;
  let missing = 0;
  let head = '';
  let answered: () => void = () => {};
  socket.on('data', (data: Buffer) => {
    if (missing > 0) missing -= data.length;
    else {
      head += data.toString('latin1');
      const end = head.indexOf('\r\n\r\n');
      if (end < 0) return;
      if (!head.startsWith('HTTP/1.1 200')) throw new Error(`answered ${head.slice(0, 80)}`);
      const length = Number(/content-length: (\d+)/i.exec(head)?.[1]);
      missing = length - (head.length - end - 4);
      head = '';
    }
    if (missing === 0) answered();
  });
  return () =>
    new Promise((resolve) => {
      answered = resolve;
      socket.write(request);
    });
}
