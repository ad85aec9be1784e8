const text = "the rain in the garden the rose";
const counts = {};
for (const w of text.split(" ")) counts[w] = (counts[w] || 0) + 1;
const top = Object.entries(counts).sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])).slice(0, 2);
console.log(counts, top);
console.log(text.toUpperCase().slice(0, 8), text.indexOf("rose"), text.includes("sun"), text.replace("the", "a"), text.split("the").length - 1, text.charAt(0), text[4], text.length);
const title = text.split(" ").map(w => w[0].toUpperCase() + w.slice(1)).join(" ");
console.log(title, title.match(/[A-Z]/g).length, "  x ".trim() + "|", "a,b,,c".split(","), "abc" < "abd", "B" < "a");
