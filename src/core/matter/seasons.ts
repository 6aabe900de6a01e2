/** First and last month of a season in the temperate north, 1 to 12; from 11 to 4 is a winter. Practice. */
type Season = readonly [first: number, last: number];

const seasons: Readonly<Record<string, Season>> = {
  apple: [8, 12],
  apricot: [6, 8],
  basil: [6, 9],
  beetroot: [7, 12],
  blackberry: [7, 10],
  blackcurrant: [6, 8],
  blueberry: [7, 9],
  carrot: [6, 11],
  celery: [7, 11],
  chamomile: [5, 8],
  cherry: [6, 8],
  cranberry: [10, 12],
  cucumber: [6, 9],
  damson: [8, 10],
  dandelion: [4, 5],
  dill: [5, 9],
  elderberry: [8, 10],
  elderflower: [5, 7],
  fig: [8, 10],
  'fig-leaf': [5, 9],
  gooseberry: [6, 8],
  grape: [8, 10],
  lavender: [6, 8],
  lilac: [4, 6],
  linden: [6, 7],
  mandarin: [11, 2],
  meadowsweet: [6, 8],
  medlar: [10, 12],
  mint: [4, 10],
  mirabelle: [8, 9],
  mulberry: [7, 8],
  nettle: [3, 6],
  orange: [11, 4],
  'orange-zest': [11, 4],
  peach: [7, 9],
  pear: [8, 11],
  persimmon: [10, 12],
  plum: [7, 10],
  quince: [9, 12],
  raspberry: [6, 9],
  redcurrant: [6, 8],
  rhubarb: [4, 7],
  rosehip: [9, 12],
  sloe: [9, 12],
  'spruce-tips': [4, 6],
  strawberry: [5, 8],
  woodruff: [4, 6],
};

/** Time zones where summer is about the new year. */
const southern =
  /^(Australia|Antarctica)\/|^Pacific\/(Auckland|Chatham|Fiji|Noumea|Tongatapu|Apia)|^America\/(Argentina|Sao_Paulo|Santiago|Montevideo|Asuncion|La_Paz|Lima|Campo_Grande|Cuiaba|Punta_Arenas)|^Africa\/(Johannesburg|Maputo|Harare|Lusaka|Windhoek|Gaborone|Maseru|Mbabane|Blantyre)|^Indian\/(Antananarivo|Mauritius|Reunion)/;

/** Whether a time zone's seasons are those of the south. @param zone as Intl names it, such as "Africa/Johannesburg" */
export const isSouthern = (zone: string): boolean => southern.test(zone);

/**
 * Whether something grows now.
 *
 * @param month 1 to 12
 * @returns null for what is there all year: dried, pressed, shipped, or grown under glass
 */
export function isInSeason(what: string, month: number, south: boolean): boolean | null {
  const season = seasons[what];
  if (!season) return null;
  const [first, last] = season;
  const there = south ? ((month + 5) % 12) + 1 : month;
  return first <= last ? first <= there && there <= last : there >= first || there <= last;
}

/** Everything that has a season, by id. */
export const seasonal: readonly string[] = Object.keys(seasons);
