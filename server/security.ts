/** What browsers are told to allow of a page: nothing from elsewhere, nothing inline but what the build itself wrote. */
import { createHash } from 'node:crypto';
import helmet from 'helmet';
import type { RequestHandler } from 'express';

/** Headers for every answer. `page`: the page as it is served, whose inline scripts and styles are allowed by their hashes. */
export function securityHeaders(page: string): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'", ...hashesOf(page, 'script')],
        // Style sheets are begun empty and filled rule by rule.
        styleSrc: ["'self'", hashOf(''), ...hashesOf(page, 'style')],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
    },
    // A page on the house network comes over plain http: a browser told otherwise would not find it again.
    strictTransportSecurity: false,
    referrerPolicy: { policy: 'no-referrer' },
    xFrameOptions: { action: 'deny' },
  });
}

/** The camera is asked for by the file dialogue alone; nothing else of the device is. */
export const permissions: RequestHandler = (_request, response, next) => {
  response.set(
    'Permissions-Policy',
    'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
  );
  next();
};

function hashesOf(page: string, tag: 'script' | 'style'): string[] {
  const inline = new RegExp(`<${tag}(?![^>]*\\ssrc=)[^>]*>([\\s\\S]*?)</${tag}>`, 'g');
  return [...page.matchAll(inline)].map(([, text = '']) => hashOf(text));
}

const hashOf = (text: string): string =>
  `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
