let data = '';
process.stdin.on('data', (c) => { data += c; });
process.stdin.on('end', main);
function main() {
  const lines = data.split('\n');
  let i = 0;
  const next = () => lines[i++];
  const n = parseInt(next());
  for (let k = 0; k < n; k++) console.log(next());
}
