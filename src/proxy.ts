import { type NextRequest, NextResponse } from 'next/server';

/** What a page may load and from where. Only scripts that carry this answer’s nonce run, and what they load in turn. */
const policyWith = (nonce: string): string =>
  [
    "default-src 'self'",
    // React reports errors in development by eval.
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''}`,
    // Sizes and colours of instruments are style attributes, which no nonce covers.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Gives every page a policy and a nonce of its own. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const policy = policyWith(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const answer = NextResponse.next({ request: { headers } });
  answer.headers.set('content-security-policy', policy);
  return answer;
}

export const config = { matcher: '/((?!_next/static|_next/image|icon.svg|manifest.webmanifest|sw.js).*)' };
