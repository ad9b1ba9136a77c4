/* Balls that are sent to a server, and devices that follow a lesson: what is measured of both engines. */

const EVERY_MS = 50;

export const quantile = (values, q) =>
  [...values].sort((a, b) => a - b)[Math.floor(q * (values.length - 1))];

/**
 * Sends a ball twenty times a second, whether or not the last was acknowledged; times to the acknowledgement, ms.
 *
 * @param phase when the first goes, as a share of the time between two: coaches do not hit at the same instant
 */
export async function acknowledged(base, lesson, sample, count, phase = 0) {
  const times = [];
  const send = async () => {
    const ball = { ...sample, id: crypto.randomUUID() };
    const start = performance.now();
    const response = await fetch(`${base}/api/lessons/${lesson}/balls`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ balls: [ball] }),
    });
    const { saved } = await response.json();
    if (saved?.[0] !== ball.id) throw new Error('a ball was not acknowledged');
    times.push(performance.now() - start);
  };
  const sending = [];
  const begin = performance.now() + phase * EVERY_MS;
  for (let i = 0; i < count; i++) {
    const wait = begin + i * EVERY_MS - performance.now();
    if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
    sending.push(send());
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
    await fetch(`${base}/api/lessons/${lesson}/balls`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ balls: [ball] }),
    });
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
