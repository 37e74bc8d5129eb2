const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';

/** RFC 4648 base64; written out since the core has neither browser nor Node to ask. */
export function base64(bytes: Uint8Array): string {
  const parts: string[] = [];
  for (let i = 0; i < bytes.length; i += 3) {
    const [a, b, c] = [bytes[i]!, bytes[i + 1], bytes[i + 2]];
    const n = (a << 16) | ((b ?? 0) << 8) | (c ?? 0);
    parts.push(
      ALPHABET[n >> 18]! +
        ALPHABET[(n >> 12) & 63]! +
        (b === undefined ? '=' : ALPHABET[(n >> 6) & 63]!) +
        (c === undefined ? '=' : ALPHABET[n & 63]!),
    );
  }
  return parts.join('');
}
