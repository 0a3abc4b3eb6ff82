import { writeFileSync } from 'node:fs';

/** `node build` starts the same guarded entry as `npm start`: there is no way in that checks no hosts. */
writeFileSync('build/index.js', "import './node/entry.js';\n");
