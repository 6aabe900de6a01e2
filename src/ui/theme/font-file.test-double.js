module.exports = 'font.woff2';
