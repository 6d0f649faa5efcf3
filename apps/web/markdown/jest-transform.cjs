const { pageOf } = require('./page-of.cjs');

/** What metro-transformer.cjs does, for component tests. */
module.exports = { process: (text) => ({ code: `module.exports = ${JSON.stringify(pageOf(text))};` }) };
