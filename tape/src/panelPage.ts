/** A device's own panel: how its leaf behaves, by sliders, and one large key. */
export const panelPage = ({
  title,
  heading,
  sliders,
  key,
  behave,
  act,
}: {
  title: string;
  heading: string;
  /** Name, words, from, to, step. */
  sliders: readonly (readonly [string, string, number, number, number])[];
  key: string;
  /** Where the sliders are sent. */
  behave: string;
  /** What the key does, as a script: it may `post(path)` and gives what is said. */
  act: string;
}): string => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title}</title>
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
  <h1>${heading}</h1>
${sliders.map(([name, words, from, to, step]) => `  <label><span>${words}</span><input type="range" id="${name}" min="${from}" max="${to}" step="${step}"><output></output></label>`).join('\n')}
  <button id="go">${key}</button>
  <p id="said"></p>
</main>
<script>
  const post = (path, body) => fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body ?? {}) }).then((r) => r.json());
  const names = ${JSON.stringify(sliders.map(([name]) => name))};
  const said = document.getElementById('said');
  const show = ({ behaves, listeners }) => { for (const name of names) { const input = document.getElementById(name); input.value = behaves[name]; input.nextElementSibling.value = behaves[name]; } if (listeners !== undefined) said.textContent = listeners === 1 ? 'One screen listens.' : listeners + ' screens listen.'; };
  for (const name of names) document.getElementById(name).addEventListener('input', (e) => post('${behave}', { [name]: Number(e.target.value) }).then(show));
  document.getElementById('go').addEventListener('click', async () => { said.textContent = await (async () => { ${act} })(); });
  post('${behave}').then(show);
</script>
</html>
`;
