import { rmSync } from 'node:fs';
import { ensureBuild, ensurePackages, run } from './steps.mjs';
import { startServer } from './start.mjs';

/** Installs what is missing, builds, loads the demo household into its own folder, starts. `--fresh` rebuilds the folder. */
const dataDir = 'data-demo';
if (process.argv.includes('--fresh')) rmSync(dataDir, { recursive: true, force: true });
ensurePackages();
ensureBuild();
run(process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts', dataDir]);
const { address } = await startServer({ ALMACEN_DATA: dataDir });
console.log(`\nAlmacen with the demo household: ${address}\n`);
