import { NextResponse, type NextRequest } from 'next/server';

/** What the server has can only be asked for. */
const METHODS = 'GET, HEAD';
/** Scripts and files as they are; workers are started from them, and may load what lies beside them. */
const STATIC = /^\/(_next\/static|built)\//;
const STATIC_POLICY = "default-src 'self'; object-src 'none'; base-uri 'none'; frame-ancestors 'none'";

function sealed<R extends Response>(response: R, policy: string): R {
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'no-referrer');
  return response;
}

/**
 * The content security policy: scripts only with this request's nonce, never from text; pictures, sounds and fonts from the
 * application itself or from what the person opened. Pages are rendered per request because of the nonce.
 */
export function proxy(request: NextRequest): Response {
  if (request.method !== 'GET' && request.method !== 'HEAD')
    return sealed(new Response(null, { status: 405, headers: { allow: METHODS } }), STATIC_POLICY);
  if (STATIC.test(request.nextUrl.pathname)) return sealed(NextResponse.next(), STATIC_POLICY);
  const nonce = btoa(crypto.randomUUID());
  // Only the development server compiles in the page.
  const evaluating = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${evaluating}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self' data: blob:",
    "media-src 'self' blob:",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  return sealed(NextResponse.next({ request: { headers } }), policy);
}

export const config = { matcher: '/:path*' };
