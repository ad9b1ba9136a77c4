/** Id of a new player: the name in plain letters, and a tail that makes it its own. */
export function playerIdFor(name: string, tail: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 48);
  return `${plain || 'player'}-${tail}`;
}
