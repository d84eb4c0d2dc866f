/** A worker that does as it is told: spins, grows, fails, or says what it got. */
module.exports = ({ input }) => {
  const { spin, grow, fail } = input;
  if (fail) throw new Error(fail);
  const kept = [];
  for (let megabyte = 0; megabyte < (grow ?? 0); megabyte++)
    kept.push(Array.from({ length: 131_072 }, () => ({})));
  const end = Date.now() + (spin ?? 0);
  while (Date.now() < end);
  return { got: input, kept: kept.length };
};
