import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:https';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';

/** Addresses of this machine in its own network. */
export function ownAddresses() {
  return Object.values(networkInterfaces())
    .flat()
    .filter((one) => one && one.family === 'IPv4' && !one.internal)
    .map((one) => one.address);
}

/** A certificate of our own for this machine's addresses, made once and kept in `folder`. */
async function certificate(folder) {
  const [keyFile, certFile, namesFile] = ['https.key', 'https.crt', 'https.names'].map((name) => join(folder, name));
  const names = ['127.0.0.1', ...ownAddresses()].join(' ');
  if (existsSync(certFile) && existsSync(namesFile) && readFileSync(namesFile, 'utf8') === names) {
    return { key: readFileSync(keyFile), cert: readFileSync(certFile), certFile };
  }
  const { generate } = await import('selfsigned');
  const altNames = [{ type: 2, value: 'localhost' }, ...names.split(' ').map((ip) => ({ type: 7, ip }))];
  const made = await generate([{ name: 'commonName', value: 'Drubek in this kitchen' }], {
    keySize: 2048,
    notAfterDate: new Date(Date.now() + 365 * 24 * 3600 * 1000),
    extensions: [
      { name: 'basicConstraints', cA: true },
      { name: 'subjectAltName', altNames },
    ],
  });
  writeFileSync(keyFile, made.private, { mode: 0o600 });
  writeFileSync(certFile, made.cert);
  writeFileSync(namesFile, names);
  return { key: made.private, cert: made.cert, certFile };
}

/** Serves the app at `target` over TLS on all of this machine's addresses. */
export async function serveHttps(target, port, folder) {
  const { createProxyServer } = await import('httpxy');
  const { key, cert, certFile } = await certificate(folder);
  const proxy = createProxyServer({ target, xfwd: true });
  const server = createServer({ key, cert }, (request, response) => {
    proxy.web(request, response).catch(() => {
      if (!response.headersSent) response.writeHead(502);
      response.end();
    });
  });
  await new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '0.0.0.0', resolve);
  });
  return { server, certFile, addresses: ownAddresses().map((ip) => `https://${ip}:${port}`) };
}
