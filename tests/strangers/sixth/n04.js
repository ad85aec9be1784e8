function caesar(text, shift) {
  let result = "";
  for (let i = 0; i < text.length; i++) {
    let code = text.charCodeAt(i);
    if (code >= 65 && code <= 90) {
      code = ((code - 65 + shift) % 26 + 26) % 26 + 65;
    } else if (code >= 97 && code <= 122) {
      code = ((code - 97 + shift) % 26 + 26) % 26 + 97;
    }
    result += String.fromCharCode(code);
  }
  return result;
}
const message = "Hello, Zoe!";
const hidden = caesar(message, 3);
console.log(hidden);
console.log(caesar(hidden, -3) === message);
const vowels = message.match(/[aeiou]/gi).length;
console.log(vowels, message.split("").filter(c => /[A-Z]/.test(c)), message.replace(/l+/, "L"));
console.log([..."mississippi"].reduce((t, c) => { t[c] = (t[c] || 0) + 1; return t; }, {}));
const date = { day: 5, month: 11, year: 2026 };
console.log(`${String(date.day).padStart(2, "0")}/${date.month}/${date.year % 100}`);
