const name = "pea";
const count = 3;
console.log(`${count} ${name}${count === 1 ? "" : "s"} cost ${(count * 0.35).toFixed(2)}`);
console.log(`two
lines`, `a \`tick\` and a \${sign}`, `${[1, 2]} ${null} ${undefined} ${true}`);
console.log("tab\there", 'it\'s', "quote\"s", "back\\slash", "new\nline");
