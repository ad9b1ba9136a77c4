/* Balls that are sent to a server, and devices that follow a lesson: what is measured of both engines. */

import http from 'node:http';

/** Twenty balls a second. */
const EVERY_MS = 50;

/** The devices that are played cost the machine as little as can be: they would be others. */
const agent = new http.Agent({ keepAlive: true });

/** Sends a body, and gives back the answer's. */
const post = (url, body) =>
  new Promise((resolve, reject) => {
    const headers = { 'content-type': 'application/json' };
    const asked = http.request(url, { method: 'POST', agent, headers }, (answer) => {
      let text = '';
      answer.setEncoding('utf8');
      answer.on('data', (part) => (text += part));
      answer.on('end', () => resolve(JSON.parse(text)));
    });
    asked.on('error', reject);
    asked.end(JSON.stringify(body));
  });

export const quantile = (values, q) =>
  [...values].sort((a, b) => a - b)[Math.floor(q * (values.length - 1))];

/**
 * Sends balls one after the other, whether or not the last was acknowledged; times to the acknowledgement, ms.
 *
 * @param phase when the first goes, as a share of the time between two: coaches do not hit at the same instant
 * @param every time between two, ms
 * @throws when a ball is refused
 */
export async function acknowledged(base, lesson, sample, count, phase = 0, every = EVERY_MS) {
  const times = [];
  const send = async () => {
    const ball = { ...sample, id: crypto.randomUUID() };
    const start = performance.now();
    const { saved, error } = await post(`${base}/api/lessons/${lesson}/balls`, { balls: [ball] });
    if (saved?.[0] !== ball.id)
      throw new Error(`a ball was not acknowledged: ${JSON.stringify(error)}`);
    times.push(performance.now() - start);
  };
  const sending = [];
  const begin = performance.now() + phase * every;
  for (let i = 0; i < count; i++) {
    const wait = begin + i * every - performance.now();
    if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
    const sent = send();
    // Told at the end: whoever measures clears away first.
    sent.catch(() => undefined);
    sending.push(sent);
  }
  await Promise.all(sending);
  return times;
}

/** Follows a lesson by a line of server-sent events, and hands each ball over as it comes. */
async function follow(url, signal, heard) {
  const { body } = await fetch(url, { signal });
  const text = new TextDecoder();
  let rest = '';
  try {
    for await (const part of body) {
      const events = (rest + text.decode(part, { stream: true })).split('\n\n');
      rest = events.pop();
      for (const event of events) {
        const data = /^data: (.*)$/m.exec(event);
        if (data) JSON.parse(data[1]).forEach(heard);
      }
    }
  } catch (error) {
    if (error.name !== 'AbortError') throw error;
  }
}

/**
 * Sends balls while devices follow the lesson; times from the sending of a ball until a device has it, ms, for every ball and device.
 */
export async function heardBy(base, lesson, sample, devices, count) {
  const sent = new Map();
  const times = [];
  const end = new AbortController();
  const lines = Array.from({ length: devices }, () =>
    follow(`${base}/api/lessons/${lesson}/events`, end.signal, ({ id }) => {
      if (sent.has(id)) times.push(performance.now() - sent.get(id));
    }),
  );
  await new Promise((resolve) => setTimeout(resolve, 3000));
  for (let i = 0; i < count; i++) {
    const ball = { ...sample, id: crypto.randomUUID() };
    sent.set(ball.id, performance.now());
    await post(`${base}/api/lessons/${lesson}/balls`, { balls: [ball] });
    await new Promise((resolve) =>
      setTimeout(resolve, 1000 - (performance.now() - sent.get(ball.id))),
    );
  }
  await new Promise((resolve) => setTimeout(resolve, 3000));
  end.abort();
  await Promise.all(lines);
  if (times.length !== devices * count)
    throw new Error(`${times.length} balls were heard of, not all`);
  return times;
}
