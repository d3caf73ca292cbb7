import { NextResponse, type NextRequest } from 'next/server';

/** Hosts under which this server knows itself: loopback, on its own port. */
function ownHosts(): ReadonlySet<string> {
  const port = process.env.RED_LADDER_PORT ?? '4310';
  const names = ['127.0.0.1', 'localhost', '[::1]'];
  // The usual port of http is not said.
  return new Set(names.flatMap((host) => (port === '80' ? [host, `${host}:80`] : [`${host}:${port}`])));
}

/** A page elsewhere must not reach the coach's data through the coach's browser (DNS rebinding, cross-site requests). */
function isForeign(request: NextRequest): boolean {
  const hosts = ownHosts();
  if (!hosts.has(request.headers.get('host') ?? '')) return true;
  const origin = request.headers.get('origin');
  if (origin !== null && !(URL.canParse(origin) && new URL(origin).protocol === 'http:' && hosts.has(new URL(origin).host))) return true;
  const site = request.headers.get('sec-fetch-site');
  return site === 'cross-site' && request.headers.get('sec-fetch-mode') !== 'navigate';
}

function policy(nonce: string): string {
  // React writes style attributes, so styles may be inline; scripts need the nonce or this origin. WASM is for the solvers.
  const develop = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'wasm-unsafe-eval'${develop}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/** Whether the path can be read at all: a "%" that begins nothing cannot. */
function isReadable(path: string): boolean {
  try {
    return decodeURIComponent(path) !== '';
  } catch {
    return false;
  }
}

export function proxy(request: NextRequest): NextResponse {
  if (isForeign(request))
    return NextResponse.json({ problems: ['This address is not Red Ladder’s own; the request was refused.'] }, { status: 403 });
  if (!isReadable(request.nextUrl.pathname))
    return NextResponse.json({ problems: ['This address cannot be read: a “%” in it stands for nothing.'] }, { status: 400 });
  const nonce = btoa(crypto.randomUUID());
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy(nonce));
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy(nonce));
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('x-frame-options', 'DENY');
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('cross-origin-resource-policy', 'same-origin');
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=(), payment=(), usb=()');
  return response;
}
