/** Sends a line of a device to a server, and gives the answer to it. */
export async function sendLine(
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
