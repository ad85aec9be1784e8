function SeedBank(owner, start) {
  this.owner = owner;
  this.packets = start || 0;
}
SeedBank.prototype.add = function (n) {
  if (n <= 0) throw new RangeError("can't add " + n);
  this.packets += n;
  return this.packets;
};
SeedBank.prototype.take = function (n) {
  if (n > this.packets) {
    var e = new Error('not enough: ' + this.packets);
    e.code = 42;
    throw e;
  }
  this.packets -= n;
};

var banks = [new SeedBank('Nora', 12), new SeedBank('Omar')];
var names = [];
for (var i = 0; i < banks.length; i++) {
  names[names.length] = banks[i].owner;
  banks[i].add((i + 1) * 5);
}
console.log(names.join(' & '), banks[0].packets, banks[1].packets);

function attempt(f) {
  try {
    f();
    return 'fine';
  } catch (e) {
    if (e instanceof RangeError) {
      return 'range: ' + e.message;
    } else if (e.code) {
      return 'code ' + e.code + ' ' + e.message;
    }
    throw e;
  } finally {
    console.log('tried');
  }
}
console.log(attempt(function () { banks[0].add(-1); }));
console.log(attempt(function () { banks[1].take(99); }));
console.log(attempt(function () { banks[1].take(4); }));
try {
  attempt(function () { null.x; });
} catch (e) {
  console.log(e.constructor.name, e instanceof TypeError);
}
var text = '';
var n = 0;
do {
  switch (n % 4) {
    case 0:
      text += 'zero ';
      break;
    case 1:
    case 2:
      text += 'some ';
    default:
      text += '(' + n + ') ';
  }
  n++;
} while (n < 6);
console.log(text.trim());
outer:
for (var a = 2; a < 30; a++) {
  for (var b = 2; b * b <= a; b++) {
    if (a % b == 0) continue outer;
  }
  if (a > 20) break outer;
  process.stdout.write(a + ' ');
}
console.log();
console.log(typeof banks, typeof attempt, typeof undefined, typeof null, typeof 'x', typeof 3n, void 0);
console.log('5' * '2', '5' + 2, 5 + +'2', '10' / 4, [] + [], [1, 2] + '', null + 1, undefined + 1, true + true);
console.log(0.1 + 0.2, (0.1 + 0.2).toFixed(2), 1 / 0, -1 / 0, 0 / 0, 7 % -3, -7 % 3, 2 ** 10, 5 / 2 | 0);
console.log(parseInt('12px'), parseFloat('3.5e2kg'), Number(''), Number('0x1f'), Number('1,5'), (255).toString(16), (5).toString(2).padStart(8, '0'));
console.log('b' > 'a', 'B' > 'a', '10' < '9', 10 < 9, null == undefined, null === undefined, NaN == NaN, '1' == 1);
