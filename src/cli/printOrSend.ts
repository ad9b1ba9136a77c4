/** Sends a line of a device to a server, and gives the answer to it. */
async function sendLine(
  line: string,
  to: string,
  key: string,
): Promise<{ ok: boolean; text: string }> {
  const response = await fetch(to, {
    method: 'POST',
    headers: { 'content-type': 'application/x-ndjson', authorization: `Bearer ${key}` },
    body: `${line}\n`,
  });
  const text = (await response.text()).trim();
  return { ok: response.ok && !text.includes('"error"'), text };
}

/** Where a device sends its lines; both are given or none. */
export interface Receiver {
  to?: string | undefined;
  key?: string | undefined;
}

/** Prints the lines of a device, or sends each to a server and prints its answer, until one is refused. Gives the exit status. */
export async function printOrSend(
  lines: Iterable<string>,
  { to, key = '' }: Receiver,
): Promise<number> {
  for (const line of lines) {
    if (to === undefined) {
      console.log(line);
      continue;
    }
    const { ok, text } = await sendLine(line, to, key);
    console.log(text);
    if (!ok) return 1;
  }
  return 0;
}
