import { NextResponse, type NextRequest } from 'next/server';

/** Answers every page with a content security policy: this origin only, scripts by nonce. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const policy = policyWith(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

/** Pages, what they ask, and the worker: files are shown by no policy of their own. */
export const config = {
  matcher: [
    {
      source:
        '/((?!_next/static|icons/|icon\\.svg|manifest\\.webmanifest|demo\\.json|keep-at-hand\\.js).*)',
    },
  ],
};

/** Styles may stand inline, since the styling library writes them so; scripts may not. */
function policyWith(nonce: string): string {
  const whileDeveloping = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${whileDeveloping}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}
