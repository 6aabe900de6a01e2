import { create } from 'qrcode';
import type { Code } from './label-layout';

/** A link as a QR code that is read when a seventh of it is smudged. */
export function codeOf(link: string): Code {
  const { modules } = create(link, { errorCorrectionLevel: 'M' });
  return { size: modules.size, isDark: (row, column) => modules.get(row, column) === 1 };
}
