const upstream = require('@expo/metro-config/babel-transformer');
const { pageOf } = require('./page-of.cjs');

/** A page of docs/ is parsed when the app is built: the app brings no parser. */
module.exports = {
  ...upstream,
  transform: (args) =>
    upstream.transform(
      args.filename.endsWith('.md')
        ? { ...args, src: `module.exports = ${JSON.stringify(pageOf(args.src))};` }
        : args,
    ),
};
