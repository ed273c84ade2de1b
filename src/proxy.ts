import { NextResponse, type NextRequest } from 'next/server';

/** Answers every page with a content security policy: this origin only, scripts by nonce. */
export function proxy(request: NextRequest): NextResponse {
  if (!isAnswered(request)) {
    return new NextResponse('Pages are read here, and nothing else is done to them.', {
      status: 405,
      headers: { allow: 'GET, HEAD' },
    });
  }
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const policy = policyWith(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

/** Pages and files are read; the simulated devices are told things too. */
function isAnswered({ method, nextUrl }: NextRequest): boolean {
  return method === 'GET' || method === 'HEAD' || nextUrl.pathname.startsWith('/api/scale/');
}

export const config = {
  matcher: [{ source: '/((?!_next/static).*)' }],
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
