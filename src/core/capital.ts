/** A text with its first letter as a capital. @example capital('tonight') // 'Tonight' */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
