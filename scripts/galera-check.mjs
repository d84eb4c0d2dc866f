// Tells a balancer whether a database node may be written to: 200 while it is in step with a majority, else 503.
// `SELECT 1` succeeds on a node without one, and a plain check of the protocol does, too.
//   node scripts/galera-check.mjs PORT DATABASE_PORT [PROCESS]   ends with that process
import { createServer } from 'node:http';
import mysql from 'mysql2/promise';

const [port, databasePort, process_] = process.argv.slice(2).map(Number);
/** A node that does not say so within this is none. */
const PATIENCE_MS = 700;

let connection;
async function ready() {
  connection ??= await mysql.createConnection({
    host: '127.0.0.1',
    port: databasePort,
    user: 'riegel',
    password: 'riegel',
    connectTimeout: PATIENCE_MS,
  });
  const [rows] = await connection.query(
    "SHOW GLOBAL STATUS WHERE Variable_name IN ('wsrep_ready', 'wsrep_local_state', 'wsrep_cluster_status')",
  );
  const said = Object.fromEntries(rows.map((row) => [row.Variable_name, row.Value]));
  return (
    said.wsrep_ready === 'ON' &&
    said.wsrep_local_state === '4' &&
    said.wsrep_cluster_status === 'Primary'
  );
}

const inTime = (work) =>
  Promise.race([work, new Promise((_, fail) => setTimeout(fail, PATIENCE_MS, new Error('late')))]);

createServer((_, response) => {
  inTime(ready())
    .catch(() => {
      connection?.destroy();
      connection = undefined;
      return false;
    })
    .then((well) => {
      response.writeHead(well ? 200 : 503, { 'Content-Type': 'text/plain' });
      response.end(well ? 'in step\n' : 'not in step\n');
    });
})
  // Whoever starts a node again starts its check again, too: the port may be taken for a moment.
  .on('error', () => setTimeout(() => process.exit(1), 10))
  .listen(port, '127.0.0.1');

if (process_)
  setInterval(() => {
    try {
      process.kill(process_, 0);
    } catch {
      process.exit(0);
    }
  }, 300);
