import { panelPage } from './panelPage.js';

/** The recorder's own panel: how the leaf's valves stand, and the leaf let go. */
export const RECORDER_PANEL = panelPage({
  title: 'Closing recorder, simulated',
  heading: 'Closing recorder, simulated: a sensor on a leaf, open to 90°',
  sliders: [
    ['sweep', 'Sweep valve, turns', 0.5, 4.5, 0.125],
    ['latch', 'Latch valve, turns', 0.5, 4.5, 0.125],
    ['noise', 'Noise, degrees', 0, 2, 0.1],
  ],
  key: 'Let the leaf go',
  behave: '/leaf',
  act: "return (await post('/let-go')).readings + ' readings on their way.';",
});
