import { panelPage } from './panelPage.js';

/** The gauge's own panel: what the leaf resists with, and a push. */
export const GAUGE_PANEL = panelPage({
  title: 'Force gauge, simulated',
  heading: 'Force gauge, simulated: held against the leaf at its handle',
  sliders: [
    ['newtons', 'The leaf resists, N', 0, 160, 1],
    ['noise', 'Noise, N', 0, 10, 0.2],
  ],
  key: 'Push',
  behave: '/resist',
  act: "const { sent, lost } = await post('/push'); return lost ? 'The reading was lost on its way.' : sent.newtons + ' N';",
});
