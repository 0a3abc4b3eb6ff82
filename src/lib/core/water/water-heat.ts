/** Heat capacity of liquid water, J/kg K, near enough from 0 to 100 °C. */
export const waterJPerKgK = 4190;
