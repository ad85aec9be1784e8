const input = [];
process.stdin.setEncoding('utf8');
process.stdin.on('data', chunk => input.push(chunk));
process.stdin.on('end', () => {
  const text = input.join('');
  console.log(text.split(/\s+/).filter(Boolean).length);
});
