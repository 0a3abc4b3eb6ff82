/** Source: `choi-okos-1986` in published/sources.ts. */
/**
 * Thermal properties of the components of food, polynomials a + bT + cT² in °C (Choi and Okos 1986, from memory).
 * Conductivity W/mK, density kg/m³, heat capacity J/kgK. Valid from −40 to 150 °C.
 */
export type Component = 'water' | 'protein' | 'fat' | 'carbohydrate' | 'fibre' | 'ash' | 'ice';
type Quadratic = readonly [number, number, number];

export const conductivityWPerMK: Readonly<Record<Component, Quadratic>> = {
	protein: [1.7881e-1, 1.1958e-3, -2.7178e-6],
	fat: [1.8071e-1, -2.7604e-4, -1.7749e-7],
	carbohydrate: [2.0141e-1, 1.3874e-3, -4.3312e-6],
	fibre: [1.8331e-1, 1.2497e-3, -3.1683e-6],
	ash: [3.2962e-1, 1.4011e-3, -2.9069e-6],
	water: [5.7109e-1, 1.7625e-3, -6.7036e-6],
	ice: [2.2196, -6.2489e-3, 1.0154e-4]
};

export const densityKgPerM3: Readonly<Record<Component, Quadratic>> = {
	protein: [1.3299e3, -5.184e-1, 0],
	fat: [9.2559e2, -4.1757e-1, 0],
	carbohydrate: [1.5991e3, -3.1046e-1, 0],
	fibre: [1.3115e3, -3.6589e-1, 0],
	ash: [2.4238e3, -2.8063e-1, 0],
	water: [9.9718e2, 3.1439e-3, -3.7574e-3],
	ice: [9.1689e2, -1.3071e-1, 0]
};

export const heatJPerKgK: Readonly<Record<Component | 'coldWater', Quadratic>> = {
	protein: [2.0082e3, 1.2089, -1.3129e-3],
	fat: [1.9842e3, 1.4733, -4.8008e-3],
	carbohydrate: [1.5488e3, 1.9625, -5.9399e-3],
	fibre: [1.8459e3, 1.8306, -4.6509e-3],
	ash: [1.0926e3, 1.8896, -3.6817e-3],
	water: [4.1762e3, -9.0864e-2, 5.4731e-3],
	/** unfrozen water below 0 °C */
	coldWater: [4.0817e3, -5.3062, 9.9516e-1],
	ice: [2.0623e3, 6.0769, 0]
};

/** Latent heat of melting of ice at 0 °C, J/kg. */
export const latentIceJPerKg = 333_600;
