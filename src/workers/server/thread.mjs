import { register } from 'tsx/esm/api';

/* What a thread of the server begins with: teaches it TypeScript, then does orders with the file that each names. */
register();

export default async function work({ file, ...order }) {
  return (await import(file)).default(order);
}
