// Quiz game
const questions = [
    { q: "2+2", options: ["3", "4", "5"], answer: 1 },
    { q: "Capital", options: ["A", "B"], answer: 0, points: 5 },
];
const answers = [1, 1];
let score = 0;
questions.forEach(({ q, options, answer, points = 1 }, i) => {
    const given = answers[i];
    const right = given === answer;
    if (right) score += points;
    console.log(`${i + 1}) ${q}? ${options.map((o, k) => (k === given ? `[${o}]` : o)).join(" ")} ${right ? "✓" : "✗ (" + options[answer] + ")"}`);
});
console.log("Score:", score, "of", questions.reduce((s, { points = 1 }) => s + points, 0));
function Timer() { let t = 0; return { tick: () => ++t, reset() { t = 0; }, get now() { return t; } }; }
const t = Timer(); t.tick(); t.tick();
console.log(t.now); t.reset(); console.log(t.now);
const deepCopy = JSON.parse(JSON.stringify(questions));
deepCopy[0].q = "changed";
console.log(questions[0].q, deepCopy[0].q, Object.keys(deepCopy[1]));
const byLength = ["kiwi", "fig", "apple"].sort((a, b) => a.length - b.length);
console.log(byLength, byLength.toString(), String([1, [2, 3]]), [] + "", `${{}}`);
let n = 27, steps = 0;
while (n !== 1) { n = n % 2 === 0 ? n / 2 : 3 * n + 1; steps++; }
console.log(steps);
do { n += 3; } while (n < 10);
console.log(n);
console.log([..."mississippi"].reduce((m, c) => { m[c] = (m[c] || 0) + 1; return m; }, {}));
const isPrime = n => { for (let d = 2; d * d <= n; d++) if (n % d === 0) return false; return n > 1; };
console.log(Array.from({ length: 20 }, (_, i) => i).filter(isPrime).join());
console.log(isNaN("x"), Number.isInteger(5.0), (25).toString(2), parseInt("ff", 16), (0.1 * 3).toFixed(2), 1e21, 1 / 3, -0, [undefined, null], [1, "a", true], { a: { b: [1, { c: 2 }] } });
console.log("b" > "a", "10" < "9", 10 < 9, null ?? "d", 0 || "e", "" && "f", !!"0", typeof undefined, NaN === NaN);
const [first, , third = "z", ...rest] = "hello"; console.log(first, third, rest);
for (const k in { x: 1, y: 2 }) console.log(k);
for (const [i, v] of ["p", "q"].entries()) console.log(i, v);
label: for (const a of [1, 2]) { for (const b of [1, 2]) { if (b === 2) continue label; console.log(a, b); } }
console.log("a-b-c".split("-", 2), "abc".charAt(1), "abc".at(-1), "aXbX".replaceAll("X", ""), " x ".trim() + "|", "abc".indexOf("z"), "x".codePointAt(0), String.fromCharCode(72, 105), "abc".substring(2, 0), "abcdef".slice(-3, -1), "a,b".split(",").length);
try { null.x; } catch (e) { console.log(e instanceof TypeError, e.name); }
console.log(new Array(3).fill("-").join(""), Array.isArray([]), [1, 2, 3].lastIndexOf(3), [[1, 2], [3]].flatMap(x => x));
