// What Expo reads beside app.json: the folder of its host that the app will lie in, such as "/sodas"; none for the root.
module.exports = ({ config }) => ({
  ...config,
  experiments: { ...config.experiments, baseUrl: process.env.YUZET_BASE ?? '' },
});
