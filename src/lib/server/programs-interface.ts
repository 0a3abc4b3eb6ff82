/** The interface for other programs of the household, version 1, in OpenAPI 3.1. */
const text = { type: 'string' } as const;
const number = { type: 'number' } as const;
const integer = { type: 'integer' } as const;
const day = { type: ['string', 'null'], format: 'date' } as const;
const object = (properties: object, required: string[] = Object.keys(properties)) =>
	({ type: 'object', properties, required }) as const;
const answer = (description: string, schema: object) => ({
	description,
	content: { 'application/json': { schema } }
});
const refused = answer('Refused, with the reason', object({ message: text }));
const common = { '401': { $ref: '#/components/responses/Refused' } };
const body = (schema: object) => ({
	required: true,
	content: { 'application/json': { schema } }
});
const inPath = (name: string, schema: object) => ({ name, in: 'path', required: true, schema });
const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` });

const readingsInto = (where: string) => ({
	post: {
		summary: `Keeps readings of ${where}, each moment once`,
		parameters: [inPath('id', integer)],
		requestBody: body(ref('Readings')),
		responses: {
			'200': answer('How many were new', object({ added: integer })),
			'404': refused,
			'422': refused,
			...common
		}
	}
});

const packFields = {
	code: { ...text, description: 'what its label says' },
	name: text,
	status: { enum: ['reserved', 'frozen', 'thawing', 'cooked', 'given', 'discarded'] },
	state: { enum: ['raw', 'cooked'] },
	servings: number,
	massKg: number,
	packedOn: day,
	bestBy: day,
	version: { ...integer, description: 'counts up with every change' }
};

export const programInterface = {
	openapi: '3.1.0',
	info: {
		title: 'Almacen',
		version: '1',
		description:
			'For other programs of a household: packs out, readings and deeds in, the calendar out. Kilograms, °C, epoch milliseconds, days as YYYY-MM-DD. Every request carries a token made under Household, Devices and programs.'
	},
	servers: [{ url: '/api/v1' }],
	security: [{ token: [] }],
	paths: {
		'/packs': {
			get: {
				summary: 'What is frozen, to be eaten first before the others; 500 at once',
				parameters: [
					{ name: 'from', in: 'query', schema: { ...integer, minimum: 0 } },
					{ name: 'q', in: 'query', schema: text, description: 'part of a name or code' }
				],
				responses: {
					'200': answer(
						'Packs',
						object({ packs: { type: 'array', items: ref('Pack') }, total: integer, from: integer })
					),
					...common
				}
			}
		},
		'/packs/{code}': {
			get: {
				summary: 'One pack, whatever became of it',
				parameters: [inPath('code', text)],
				responses: { '200': answer('The pack', ref('OnePack')), '404': refused, ...common }
			}
		},
		'/packs/{code}/deeds': {
			post: {
				summary: 'Notes what was done with a pack; pages show it and can take it back',
				parameters: [inPath('code', text)],
				requestBody: body(ref('Deed')),
				responses: {
					'200': answer('Done', object({ done: { const: true } })),
					'404': refused,
					'409': answer('The pack is not there to be done so, or has changed', ref('Refused')),
					'422': refused,
					...common
				}
			}
		},
		'/freezers': {
			get: {
				summary: 'The freezers',
				responses: {
					'200': answer(
						'Freezers',
						object({
							freezers: {
								type: 'array',
								items: object({
									id: integer,
									name: text,
									kind: text,
									setC: number,
									volumeL: number
								})
							}
						})
					),
					...common
				}
			}
		},
		'/freezers/{id}/readings': readingsInto('a thermometer in a freezer'),
		'/cooling': {
			get: {
				summary: 'What is cooling now',
				responses: {
					'200': answer(
						'Cooling runs',
						object({
							running: {
								type: 'array',
								items: object({
									id: integer,
									name: text,
									place: text,
									startedAtMs: integer,
									lastC: { type: ['number', 'null'] }
								})
							}
						})
					),
					...common
				}
			}
		},
		'/cooling/{id}/readings': readingsInto('a probe in something that cools'),
		'/calendar.ics': {
			get: {
				summary: 'Pulls, starts and best-by days (RFC 5545)',
				responses: {
					'200': { description: 'The calendar', content: { 'text/calendar': { schema: text } } },
					...common
				}
			}
		}
	},
	components: {
		securitySchemes: { token: { type: 'http', scheme: 'bearer' } },
		responses: { Refused: refused },
		schemas: {
			Refused: object({ message: text }),
			Pack: object({ ...packFields, freezer: text, shelf: text }),
			OnePack: object({
				...packFields,
				pulledAtMs: { type: ['integer', 'null'] },
				cookedAtMs: { type: ['integer', 'null'] }
			}),
			Readings: object({
				readings: {
					type: 'array',
					minItems: 1,
					maxItems: 10_000,
					items: object({ atMs: integer, tempC: { ...number, minimum: -60, maximum: 200 } })
				}
			}),
			Deed: object(
				{
					deed: { enum: ['cooked', 'given', 'discarded', 'pulled', 'put-back'] },
					reason: { ...text, maxLength: 200, description: 'needed for discarded' },
					place: { ...text, description: 'where it thaws, for pulled' },
					atMs: integer,
					version: {
						...integer,
						description: 'as the pack was read: when it has changed since, the deed is refused'
					}
				},
				['deed']
			)
		}
	}
} as const;
