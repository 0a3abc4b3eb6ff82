const path = require('node:path');
// SvelteKit's $lib alias for dependency-cruiser (its tsconfig paths support needs baseUrl).
module.exports = { resolve: { alias: { $lib: path.resolve(__dirname, 'src/lib') } } };
