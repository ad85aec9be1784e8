let u = 7; console.log(u?.foo?.bar, u?.foo, (5).x, 'a'.b, true.c, [1].foo, 'abc'['length'], [1, 2]['length']);
const list = [3, 4]; console.log(list.name, typeof list.title);
for (const thing of [1, 'two', [3], { kind: 'four' }]) console.log(thing.kind ?? 'none');
