// functional helpers, ES5-ish style
var compose = function () {
  var fns = Array.prototype.slice.call(arguments);
  return function (x) {
    return fns.reduceRight(function (acc, f) { return f(acc); }, x);
  };
};

function curry(fn) {
  return function curried() {
    var args = [].slice.call(arguments);
    if (args.length >= fn.length) return fn.apply(null, args);
    return function () {
      return curried.apply(null, args.concat([].slice.call(arguments)));
    };
  };
}

function groupBy(list, key) {
  return list.reduce(function (groups, item) {
    var k = typeof key === 'function' ? key(item) : item[key];
    (groups[k] = groups[k] || []).push(item);
    return groups;
  }, {});
}

function debounceCount(fn) {
  var count = 0;
  function wrapped() {
    count++;
    return fn.apply(this, arguments);
  }
  wrapped.count = function () { return count; };
  return wrapped;
}

var add3 = curry(function (a, b, c) { return a + b + c; });
console.log(add3(1)(2)(3), add3(1, 2)(3), add3(1)(2, 3));
console.log(compose(function (x) { return x + 1; }, Math.sqrt, Number)('16'));
var plants = [
  { name: 'pea', bed: 'north', height: 30 },
  { name: 'bean', bed: 'south', height: 80 },
  { name: 'leek', bed: 'north', height: 25 }
];
var g = groupBy(plants, 'bed');
for (var bed in g) {
  if (g.hasOwnProperty(bed)) {
    console.log(bed + ': ' + g[bed].map(function (p) { return p.name; }).join(', '));
  }
}
console.log(Object.keys(groupBy(plants, function (p) { return p.height > 28 ? 'tall' : 'short'; })));
var max = debounceCount(Math.max);
max(1, 2); max(3);
console.log(max(4, 9, 2), max.count());
console.log([3, 1, 10, 2].sort(), [3, 1, 10, 2].sort(function (a, b) { return b - a; }));
var counter = (function () {
  var n = 0;
  return { up: function () { return ++n; }, down: function () { return --n; }, get value() { return n; } };
})();
counter.up(); counter.up(); counter.down();
console.log(counter.value, typeof counter.up, 'value' in counter);
console.log([1, [2, [3, [4]]]].flat(Infinity), [[1, 2], [3]].flatMap(function (x) { return x; }));
console.log(Array.from({ length: 5 }, function (_, i) { return i * i; }), Array.apply(null, Array(3)).map(function (_, i) { return i; }));
var bound = plants[0];
function describe(greeting, mark) { return greeting + ' ' + this.name + mark; }
console.log(describe.call(bound, 'Hi', '!'), describe.apply(plants[1], ['Yo', '?']), describe.bind(plants[2], 'Hey')('.'));
