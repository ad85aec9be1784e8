const ALPHABET = "abcdefghijklmnopqrstuvwxyz";
function shift(text, key) {
  let out = "";
  for (let i = 0; i < text.length; i++) {
    const ch = text[i];
    const at = ALPHABET.indexOf(ch.toLowerCase());
    if (at === -1) { out += ch; continue; }
    const moved = ALPHABET[(((at + key) % 26) + 26) % 26];
    out += ch === ch.toUpperCase() ? moved.toUpperCase() : moved;
  }
  return out;
}
const msg = "Water the Beans, please!";
const secret = shift(msg, 3);
console.log(secret, "|", shift(secret, -3));
const counts = {};
for (const ch of msg.toLowerCase()) if (/[a-z]/.test(ch)) counts[ch] = (counts[ch] ?? 0) + 1;
console.log(counts);
console.log(Object.entries(counts).filter(([, n]) => n > 2).map(([c]) => c));
const bits = [...msg.slice(0, 3)].map((c) => c.charCodeAt(0).toString(2).padStart(8, "0"));
console.log(bits.join(" "), bits.map((b) => String.fromCharCode(parseInt(b, 2))).join(""));
let h = 7;
for (const ch of msg) h = (h * 31 + ch.charCodeAt(0)) >>> 0;
console.log(h.toString(16), h % 100);
