// Stands in for Paper's palette of its second version (24 KB of 300 colours): what its parts ask for by name, whatever is drawn.
module.exports = {
  __esModule: true,
  black: '#000000',
  white: '#ffffff',
  pinkA400: '#f50057',
  pinkA100: '#ff80ab',
  grey50: '#fafafa',
  grey200: '#eeeeee',
  grey300: '#e0e0e0',
  grey400: '#bdbdbd',
  grey700: '#616161',
  grey800: '#424242',
};
