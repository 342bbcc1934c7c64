import { networkInterfaces } from 'node:os'

/** Where a server that listens at an address is found: itself, or for “everywhere” each address of this computer. */
export function servedAt(host: string): string[] {
  if (host !== '0.0.0.0' && host !== '::') return [host]
  const addresses = Object.values(networkInterfaces()).flatMap((list) => list ?? [])
  return ['127.0.0.1', ...addresses.filter((a) => a.family === 'IPv4' && !a.internal).map((a) => a.address)]
}
