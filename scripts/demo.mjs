import { serveWorkshop } from './lib/serve.mjs';

// The made-up workshop, in a folder of its own.
await serveWorkshop({ folder: 'data', demo: true });
