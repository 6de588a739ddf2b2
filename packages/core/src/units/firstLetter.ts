/** @example upperFirst('pool tank') // 'Pool tank' */
export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** @example lowerFirst('Double parity') // 'double parity' */
export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
