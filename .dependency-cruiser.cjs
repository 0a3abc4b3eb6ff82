/** Who may import whom below src/lib; packages are free except in core. docs/architecture.md explains. */
const may = {
	core: ['core'],
	present: ['core', 'present'],
	schemas: ['core', 'present', 'schemas'],
	workers: ['core', 'workers'],
	labels: ['core', 'present', 'labels'],
	formats: ['core', 'present', 'schemas', 'formats'],
	server: ['core', 'present', 'schemas', 'labels', 'formats', 'workers', 'server'],
	ui: ['core', 'present', 'schemas', 'formats', 'labels', 'workers', 'ui']
};
const folders = Object.keys(may);

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
	forbidden: [
		{ name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
		...folders.map((folder) => ({
			name: `arrows-of-${folder}`,
			severity: 'error',
			from: { path: `^src/lib/${folder}/`, pathNot: '\\.test\\.ts$' },
			to: {
				path: `^src/(routes|lib/(${folders.filter((f) => !may[folder].includes(f)).join('|')}))/`
			}
		})),
		{
			name: 'core-is-pure',
			severity: 'error',
			from: { path: '^src/lib/core/', pathNot: '\\.test\\.ts$|^src/lib/core/fixtures/' },
			to: { pathNot: '^src/lib/core/' }
		},
		{
			name: 'core-by-its-faces',
			comment: 'others take from a folder of the core what its index.ts gives',
			severity: 'error',
			from: { path: '^src/', pathNot: '^src/lib/core/' },
			to: { path: '^src/lib/core/[^/]+/', pathNot: '^src/lib/core/([^/]+/index\\.ts|fixtures/)' }
		},
		{
			name: 'database-stays-in-server',
			severity: 'error',
			from: {
				path: '^src/',
				pathNot:
					'^src/lib/server/(db|queries|writes|services|copies|doctor|testing)/|\\.test\\.ts$|^src/routes/health/'
			},
			to: { path: 'node_modules/(drizzle-orm|@electric-sql)/' }
		},
		{
			name: 'routes-read-and-ask-services',
			comment:
				'a route reads through queries and changes through a service, which has the transaction',
			severity: 'error',
			from: { path: '^src/routes/', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/lib/server/(writes|undo)/' }
		},
		{
			name: 'queries-only-read',
			severity: 'error',
			from: { path: '^src/lib/server/queries/', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/lib/server/(writes|services)/' }
		},
		{
			name: 'not-to-unresolvable',
			severity: 'error',
			from: {},
			to: {
				couldNotResolve: true,
				pathNot: ['^\\$(app|env|service-worker)', '^\\./\\$types', '\\?(url|worker)$']
			}
		}
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.json' },
		webpackConfig: { fileName: '.depcruise-resolve.cjs' },
		extraExtensionsToScan: ['.svelte'],
		enhancedResolveOptions: {
			exportsFields: ['exports'],
			conditionNames: ['svelte', 'import', 'require', 'node', 'default', 'types'],
			extensions: ['.ts', '.js', '.svelte']
		}
	}
};
