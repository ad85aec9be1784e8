const csv = `name;plant;height
Mina;bean;45.5
Odo;"tall; fern";102
Tam;rose;
;;
Ida;bean;51`;

function parseLine(line) {
  const fields = [];
  let field = '', quoted = false;
  for (const ch of line) {
    if (ch === '"') quoted = !quoted;
    else if (ch === ';' && !quoted) { fields.push(field); field = ''; }
    else field += ch;
  }
  fields.push(field);
  return fields;
}

const [head, ...lines] = csv.split('\n');
const keys = parseLine(head);
const records = lines
  .map(parseLine)
  .filter(f => f.some(Boolean))
  .map(f => Object.fromEntries(keys.map((k, i) => [k, f[i]])))
  .map(({ height, ...others }) => ({ ...others, height: height === '' ? null : Number(height) }));
console.log(records);
const heights = records.map(r => r.height).filter(h => h !== null);
const mean = heights.reduce((a, b) => a + b, 0) / heights.length;
const sd = Math.sqrt(heights.map(h => (h - mean) ** 2).reduce((a, b) => a + b) / heights.length);
console.log(mean.toFixed(2), sd.toPrecision(4), Math.round(mean * 10) / 10);
const groups = {};
for (const r of records) {
  const key = r.plant;
  if (!groups.hasOwnProperty(key)) groups[key] = [];
  groups[key].push(r.name);
}
for (const key in groups) console.log(`${key}: ${groups[key]}`);
delete groups.bean;
console.log(Object.keys(groups), 'bean' in groups, groups.bean?.length ?? 'none');
const re = /(\d+)-(\d+)-(\d+)/;
const m = '2031-04-09'.match(re);
console.log(m[0], m.slice(1).map(Number), 'no date'.match(re));
const [, year, month] = re.exec('on 1999-12-31!');
console.log(year, month, re.test('x'), 'a1b22c333'.replace(/\d+/g, d => `<${d.length}>`));
console.log('camelCaseToWords'.replace(/([A-Z])/g, ' $1').toLowerCase(), 'snake_case_name'.replace(/_(\w)/g, (_, c) => c.toUpperCase()));
console.log('a, b ,c'.split(/\s*,\s*/), [...'x1y2'.matchAll(/([a-z])(\d)/g)].map(([, l, d]) => l + '=' + d));
console.log(parseInt('12px'), parseFloat('3.5e2x'), Number('12px'), +'', +' 7 ', parseInt('ff', 16), (255).toString(2), Number(null));
console.log(encodeURIComponent('a b&c'), 'abc'.charCodeAt(1), String.fromCharCode(72, 105), 'x'.codePointAt(0));
console.log('%s has %d plants', 'Mina', 3, 'and more');
