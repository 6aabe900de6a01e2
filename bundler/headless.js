// Stands in for the router's head elements and the library that keeps them: the page's head is public/index.html alone.
const Head = () => null;
Head.Provider = ({ children }) => children;
module.exports = { __esModule: true, Head };
