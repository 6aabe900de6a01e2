/** The paint box. Nothing outside ui/theme names a colour. */
export const day = {
  paper: '#F6F0E4',
  raised: '#FFFAF0',
  sunk: '#ECE3D2',
  ink: '#2B1E2B',
  softInk: '#6A5A64',
  line: '#E0D3BF',
  ginger: '#94580B',
  gingerBody: '#E2B35E',
  hibiscus: '#9C2A4F',
  hibiscusBody: '#DF8FA3',
  glass: '#1C6C76',
  glassBody: '#DDEBEA',
  leaf: '#55701F',
  leafBody: '#C9D79F',
  warning: '#A34A07',
  danger: '#A3201F',
  foam: '#FFFDF6',
  veil: 'rgba(43, 30, 43, 0.45)',
} as const;

export const night: Tokens = {
  paper: '#1C1420',
  raised: '#281D2C',
  sunk: '#352838',
  ink: '#F4EADB',
  softInk: '#BFAEB5',
  line: '#4A3B49',
  ginger: '#E9AC55',
  gingerBody: '#B47C22',
  hibiscus: '#F08AA6',
  hibiscusBody: '#A8486A',
  glass: '#74C7C9',
  glassBody: '#2C3F45',
  leaf: '#AFC96B',
  leafBody: '#4B5A26',
  warning: '#F0A35E',
  danger: '#F08A7E',
  foam: '#F4EADB',
  veil: 'rgba(10, 5, 12, 0.6)',
};

export type Tokens = { readonly [K in keyof typeof day]: string };
