export const why = {
	whatWentIn: 'what went in',
	value: 'value',
	whereItComesFrom: 'Where it comes from'
};
