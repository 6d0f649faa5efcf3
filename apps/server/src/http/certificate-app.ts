import express, { type Express } from 'express';
import { urlHost } from './addresses';
import { knownHostsOnly } from './guard';

/** What plain http answers beside https: the certificate to trust, and the way to the workshop. */
export function certificateApp(
  authorityPem: string,
  allowedHosts: readonly string[],
  securePort: () => number,
): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(knownHostsOnly(allowedHosts));
  app.get('/certificate', (_request, response) => {
    response.type('application/x-x509-ca-cert').attachment('round-mint-workshop.crt').send(authorityPem);
  });
  app.use((request, response) => {
    response.redirect(308, `https://${urlHost(request.hostname)}:${securePort()}${request.originalUrl}`);
  });
  return app;
}
