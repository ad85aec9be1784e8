function Queue() { this.items = []; }
Queue.prototype = {
  constructor: Queue,
  enqueue: function (x) { this.items.push(x); },
  dequeue: function () { return this.items.shift(); },
  isEmpty: function () { return this.items.length === 0; },
  size: function () { return this.items.length; }
};
var graph = {
  A: ['B', 'C'], B: ['A', 'D', 'E'], C: ['A', 'F'], D: ['B'], E: ['B', 'F'], F: ['C', 'E']
};
function bfs(start, goal) {
  var q = new Queue(), visited = {}, parent = {};
  q.enqueue(start);
  visited[start] = true;
  while (!q.isEmpty()) {
    var node = q.dequeue();
    if (node == goal) {
      var path = [];
      for (var at = goal; at; at = parent[at]) path.unshift(at);
      return path;
    }
    graph[node].forEach(function (next) {
      if (!visited[next]) {
        visited[next] = true;
        parent[next] = node;
        q.enqueue(next);
      }
    });
  }
  return null;
}
console.log(bfs('A', 'F'), bfs('D', 'C').join('>'));
var text = 'the rain in the garden';
var counts = {};
for (var i = 0; i < text.length; i++) {
  var ch = text[i];
  if (ch === ' ') continue;
  counts[ch] = counts[ch] ? counts[ch] + 1 : 1;
}
var keys = Object.keys(counts).sort();
for (var k in keys) if (counts[keys[k]] > 2) console.log(keys[k] + ' = ' + counts[keys[k]]);
var person = { name: 'Ivy', greet: function (g) { return g + ', ' + this.name; } };
console.log(person.greet('Hi'), person.greet.call({ name: 'Ash' }, 'Yo'), person.greet.apply({ name: 'Elm' }, ['Hey']), person.greet.bind({ name: 'Oak' })('Ho'));
var delay = function (ms, cb) { setTimeout(cb, ms); };
delay(5, function () { console.log('later'); });
console.log('now');
var arr = [5, 3, 8];
arr.sort(function (a, b) { return a - b; });
arr.push(10); arr.unshift(1); arr.splice(2, 0, 4);
console.log(arr, arr.length, arr.join(''), arr.concat([9]), arr.indexOf(8));
console.log(isNaN('x'), isNaN('5'), parseInt('101', 2), (255).toString(16), Math.round(-2.5), Math.floor(-2.1), Math.trunc(2.9), Number.MAX_SAFE_INTEGER);
var copy = JSON.parse(JSON.stringify(graph)); copy.A.push('Z');
console.log(graph.A.length, copy.A.length, delete copy.B, Object.keys(copy).length);
function args() { return arguments.length + ':' + Array.prototype.slice.call(arguments).join('-'); }
console.log(args(1, 2, 3), args());
