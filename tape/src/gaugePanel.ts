/** The gauge's own panel: what the leaf resists with, and a push. */
export const GAUGE_PANEL = `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Force gauge, simulated</title>
<style>
  body { font: 16px/1.4 sans-serif; margin: 0; background: #24211b; color: #f2eee3; }
  main { max-width: 26rem; margin: 0 auto; padding: 1.5rem; }
  h1 { font-size: 1rem; font-weight: 600; margin: 0 0 1rem; }
  label { display: flex; gap: .5rem; align-items: center; margin: .6rem 0; }
  label span { width: 10rem; }
  input[type=range] { flex: 1; }
  output { width: 3rem; text-align: right; }
  #go { width: 100%; font-size: 1.6rem; padding: 1.2rem; margin: 1rem 0; background: #b8862b; color: #14120e; border: 0; font-weight: 700; }
</style>
<main>
  <h1>Force gauge, simulated: held against the leaf at its handle</h1>
  <label><span>The leaf resists, N</span><input type="range" id="newtons" min="0" max="160" step="1"><output></output></label>
  <label><span>Noise, N</span><input type="range" id="noise" min="0" max="10" step="0.2"><output></output></label>
  <button id="go">Push</button>
  <p id="said"></p>
</main>
<script>
  const post = (path, body) => fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body ?? {}) }).then((r) => r.json());
  const names = ['newtons', 'noise'];
  const show = ({ behaves, listeners }) => { for (const name of names) { const input = document.getElementById(name); input.value = behaves[name]; input.nextElementSibling.value = behaves[name]; } if (listeners !== undefined) document.getElementById('said').textContent = listeners === 1 ? 'One screen listens.' : listeners + ' screens listen.'; };
  for (const name of names) document.getElementById(name).addEventListener('input', (e) => post('/resist', { [name]: Number(e.target.value) }).then(show));
  document.getElementById('go').addEventListener('click', async () => { const { sent, lost } = await post('/push'); document.getElementById('said').textContent = lost ? 'The reading was lost on its way.' : sent.newtons + ' N'; });
  post('/resist').then(show);
</script>
</html>
`;
