/** Larger files are refused unread, bytes: thirty years of daily entries come to about 10 MB. */
export const largestBackup = 20_000_000;
