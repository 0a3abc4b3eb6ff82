export const labelLayout = {
	withCareSeeThe: '* with care: see the cook card. Pressure: minutes at pressure.'
};
