function shifted(text, key) {
  let result = "";
  for (const letter of text) {
    const code = letter.charCodeAt(0);
    if (code >= 65 && code <= 90) {
      result += String.fromCharCode(((code - 65 + key + 26) % 26) + 65);
    } else if (code >= 97 && code <= 122) {
      result += String.fromCharCode(((code - 97 + key + 26) % 26) + 97);
    } else {
      result += letter;
    }
  }
  return result;
}
const secret = shifted("Water the Beds!", 3);
console.log(secret, shifted(secret, -3));
