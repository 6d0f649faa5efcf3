import { serveWorkshop } from './lib/serve.mjs';

// The maker's own workshop, empty at first.
await serveWorkshop({ folder: 'workshop', demo: false });
