import { createServer } from 'node:http';

/**
 * A simulated shop, in the place of a real one: `node stand-ins/shop.mjs [PORT]`, 127.0.0.1 only. A plain protocol:
 * GET /offers gives packs with prices; POST /order {lines: [{item, label, count}]} answers each line with what there is:
 * `there`, `fewer` (so many), `other-size` (another pack of the item) or `missing`. Which lines fail follows from their
 * names, the same every time.
 */
const port = Number(process.argv[2] ?? process.env.ALMACEN_SHOP_PORT ?? 4790);
const shelf = [
	['onion', 'net 1 kg', 1000, 185],
	['onion', 'net 2 kg', 2000, 310],
	['carrot', 'bag 1 kg', 1000, 155],
	['garlic', 'bulbs, 3', 150, 135],
	['celery', 'head', 500, 175],
	['leek', 'bunch 500 g', 500, 205],
	['potato', 'bag 2 kg', 2000, 330],
	['canned tomatoes', 'can 400 g', 400, 89],
	['canned tomatoes', 'six cans of 400 g', 2400, 480],
	['tomato paste', 'tube 200 g', 200, 145],
	['chickpeas', 'can 400 g', 400, 99],
	['white beans', 'can 400 g', 400, 105],
	['kidney beans', 'can 400 g', 400, 105],
	['red lentils', 'bag 500 g', 500, 235],
	['lamb shoulder', 'piece 1 kg', 1000, 2090],
	['beef shin', 'piece 1 kg', 1000, 1850],
	['pork shoulder', 'piece 1 kg', 1000, 1250],
	['chicken thigh', 'tray 600 g', 600, 860],
	['apricot', 'dried, 250 g', 250, 380],
	['pearl barley', 'bag 500 g', 500, 175],
	['chard', 'bunch', 400, 250],
	['spinach', 'bag 400 g', 400, 290],
	['cream', 'carton 200 ml', 200, 165],
	['sour cream', 'tub 200 g', 200, 185],
	['herbs', 'bunch', 50, 145],
	['almonds', 'flaked, 100 g', 100, 255]
].map(([item, label, grams, cents]) => ({ item, label, grams, cents }));

/** A number from a name, the same every time. */
const lot = (text) => [...text].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 997, 7);

function answerLine({ item, label, count }) {
	const wanted = Math.max(1, Math.min(99, Math.round(Number(count)) || 1));
	const offers = shelf.filter((offer) => offer.item === item);
	const offer = offers.find((one) => one.label === label);
	const chance = lot(`${item} ${label}`) % 10;
	if (offers.length === 0 || chance < 2) return { item, label, count: wanted, is: 'missing' };
	if (!offer || chance < 4) {
		const other = offers.find((one) => one !== offer);
		if (other) return { item, label, count: wanted, is: 'other-size', offer: other };
	}
	if (offer && chance < 5 && wanted > 1)
		return { item, label, count: wanted, is: 'fewer', left: wanted - 1, offer };
	return offer
		? { item, label, count: wanted, is: 'there', offer }
		: { item, label, count: wanted, is: 'missing' };
}

const server = createServer((request, response) => {
	const send = (status, body) => {
		response.writeHead(status, { 'content-type': 'application/json' });
		response.end(JSON.stringify(body));
	};
	if (request.method === 'GET' && request.url === '/offers') return send(200, { offers: shelf });
	if (request.method !== 'POST' || request.url !== '/order') return send(404, { error: 'unknown' });
	let body = '';
	request.on('data', (part) => {
		body += part;
		if (body.length > 1e6) request.destroy();
	});
	request.on('end', () => {
		try {
			const { lines } = JSON.parse(body);
			send(200, { lines: lines.map(answerLine) });
		} catch (error) {
			send(400, { error: String(error) });
		}
	});
});
server.listen(port, '127.0.0.1', () => console.log(`Simulated shop: http://127.0.0.1:${port}`));
