/** The device's own panel: how far the tape is pulled, its button, what it sent and what was lost. */
export const PANEL = `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Digital tape, simulated</title>
<style>
  body { font: 16px/1.4 sans-serif; margin: 0; background: #24211b; color: #f2eee3; }
  main { max-width: 26rem; margin: 0 auto; padding: 1.5rem; }
  h1 { font-size: 1rem; font-weight: 600; margin: 0 0 1rem; }
  .length { display: flex; gap: .5rem; align-items: center; }
  input[type=number] { flex: 1; font: 2rem/1 monospace; padding: .5rem; background: #14120e; color: inherit; border: 2px solid #b8862b; min-width: 0; }
  button { font: inherit; padding: .6rem .9rem; background: #3a352b; color: inherit; border: 1px solid #6d6350; border-radius: 3px; }
  #press { width: 100%; font-size: 1.6rem; padding: 1.2rem; margin: 1rem 0; background: #b8862b; color: #14120e; border: 0; font-weight: 700; }
  label { display: block; margin: .4rem 0; }
  ol { padding-left: 1.2rem; max-height: 12rem; overflow: auto; }
  .lost { color: #e08a6c; }
</style>
<main>
  <h1>Digital tape, simulated</h1>
  <div class="length">
    <button data-by="-10">−10</button><button data-by="-1">−1</button>
    <input type="number" id="mm" step="0.5" min="0" max="8000" aria-label="Pulled to, millimetres"> mm
    <button data-by="1">+1</button><button data-by="10">+10</button>
  </div>
  <button id="press">Press</button>
  <label><input type="checkbox" id="slips"> the hook slips now and then</label>
  <label><input type="checkbox" id="loses"> a reading is lost now and then</label>
  <p id="listeners"></p>
  <ol id="log" reversed></ol>
</main>
<script>
  const mm = document.getElementById('mm');
  const post = (path, body) => fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body ?? {}) }).then((r) => r.json());
  const show = (state) => { if (document.activeElement !== mm) mm.value = state.millimetres; document.getElementById('slips').checked = state.behaves.slipIn > 0; document.getElementById('loses').checked = state.behaves.loseIn > 0; document.getElementById('listeners').textContent = state.listeners === 1 ? 'One screen listens.' : state.listeners + ' screens listen.'; };
  const pull = () => post('/pull', { millimetres: Number(mm.value) }).then(show);
  mm.addEventListener('change', pull);
  for (const button of document.querySelectorAll('[data-by]')) button.addEventListener('click', () => { mm.value = Number(mm.value) + Number(button.dataset.by); pull(); });
  document.getElementById('press').addEventListener('click', async () => {
    await pull();
    const { sent, lost } = await post('/press');
    const line = document.createElement('li');
    line.textContent = sent.millimetres + ' mm' + (lost ? ', lost on the way' : '');
    line.className = lost ? 'lost' : '';
    document.getElementById('log').prepend(line);
  });
  document.getElementById('slips').addEventListener('change', (e) => post('/behave', { slipIn: e.target.checked ? 13 : 0 }).then(show));
  document.getElementById('loses').addEventListener('change', (e) => post('/behave', { loseIn: e.target.checked ? 9 : 0 }).then(show));
  const look = () => fetch('/state').then((r) => r.json()).then(show);
  look();
  setInterval(look, 2000);
</script>
</html>
`;
