var readline = require('readline');
var rl = readline.createInterface({ input: process.stdin, output: process.stdout });
var lines = [];
rl.on('line', function (line) { lines.push(line.trim()); });
rl.on('close', function () {
  var n = parseInt(lines[0], 10);
  var total = 0, best = null;
  for (var i = 1; i <= n; i++) {
    var parts = lines[i].split(/\s+/);
    var name = parts[0];
    var scores = parts.slice(1).map(Number);
    var sum = 0;
    for (var j in scores) sum += scores[j];
    var avg = sum / scores.length;
    total += sum;
    if (best === null || avg > best.avg) best = { name: name, avg: avg };
    console.log(name + ': ' + avg.toFixed(2) + (scores.some(isNaN) ? ' (?)' : ''));
  }
  console.log('Total ' + total);
  console.log('Best: ' + best.name);
  var rest = lines.slice(n + 1).filter(function (l) { return l !== ''; });
  console.log(rest.length + ' more line' + (rest.length === 1 ? '' : 's') + ': ' + JSON.stringify(rest));
});
