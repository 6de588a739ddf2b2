/** Density of room air at sea level, kg/m³, and its heat capacity, J/(kg·K). Source: engineering handbooks, from memory. */
export const AIR_KILOGRAMS_PER_CUBIC_METRE = 1.2
export const AIR_JOULES_PER_KILOGRAM_KELVIN = 1_005

/** Flows are told by the hour, as fans are sold; physics wants them by the second. */
