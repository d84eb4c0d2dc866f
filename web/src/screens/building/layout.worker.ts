import ELK, { type ElkNode } from 'elkjs/lib/elk.bundled.js';

const elk = new ELK();

// One graph at a time: whoever asks again has ended this worker.
self.addEventListener('message', ({ data }: MessageEvent<ElkNode>) => {
  elk.layout(data).then(
    (graph) => self.postMessage({ graph }),
    (error: unknown) => self.postMessage({ fault: String(error) }),
  );
});
