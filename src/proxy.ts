import { NextResponse, type NextRequest } from "next/server";

/**
 * The style sheet that the messages' package puts on the page by itself, and the empty one it begins with: it takes no
 * nonce, so it is known by its content.
 */
const stylesOfMessages = [
  "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='",
  "'sha256-StEaX+se6YS7pqjzrzMIA0KaX9zF/8zAhvQXZAe5epY='",
].join(" ");

/** Gives every page its own nonce, so that no script and no style sheet is taken that the application did not send. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString("base64");
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    "worker-src 'self'",
    `style-src-elem 'self' 'nonce-${nonce}' ${stylesOfMessages}`,
    // Drawings are placed by style attributes, which a nonce cannot be given to.
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
  const headers = new Headers(request.headers);
  headers.set("x-nonce", nonce);
  headers.set("content-security-policy", policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set("content-security-policy", policy);
  return response;
}

/** A client's file goes past it: whatever goes through is held in memory, and what is longer than 10 MB is cut off. */
export const config = { matcher: "/((?!_next/static|favicon.ico|clients/file$).*)" };
