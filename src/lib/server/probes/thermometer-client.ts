import * as yup from 'yup';
import { askJson } from '../ask-json.ts';

const probesSchema = yup.object({
	probes: yup
		.array(
			yup
				.object({ id: yup.string().max(40).required(), name: yup.string().max(80).required() })
				.required()
		)
		.max(64)
		.required()
});
const readingsSchema = yup.object({
	readings: yup
		.array(
			yup
				.object({
					probe: yup.string().required(),
					atMs: yup.number().integer().required(),
					tempC: yup.number().min(-60).max(400).required()
				})
				.required()
		)
		.max(100_000)
		.required()
});

const patienceMs = 2_000;

/** Where the thermometer answers; the stand-in by default, never beyond this machine unless the household says so. */
const address = () => process.env.ALMACEN_THERMOMETER || 'http://127.0.0.1:4791';

/** Null when it does not answer, or not in its protocol (docs/thermometer.md): the screen says so, and it is asked again. */
const ask = <S extends yup.Schema>(path: string, schema: S) =>
	askJson(address() + path, schema, { patienceMs });

export const listProbes = async () => (await ask('/probes', probesSchema))?.probes ?? null;

/** So long a list of probes counts as known, ms: pages are loaded anew far more often than probes come and go. */
const knownForMs = 10_000;
let known: { atMs: number; probes: ReturnType<typeof listProbes> } | null = null;

/** The probes as they were a moment ago. */
export function knownProbes(): ReturnType<typeof listProbes> {
	if (!known || Date.now() - known.atMs > knownForMs)
		known = { atMs: Date.now(), probes: listProbes() };
	return known.probes;
}

export const readingsSince = async (sinceMs: number) =>
	(await ask(`/readings?since=${Math.floor(sinceMs)}`, readingsSchema))?.readings ?? null;
