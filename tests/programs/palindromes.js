function isPalindrome(text) {
  let clean = "";
  for (const letter of text.toLowerCase()) {
    if (letter >= "a" && letter <= "z") clean += letter;
  }
  return clean === clean.split("").reverse().join("");
}
for (const text of ["Level", "No lemon, no melon", "garden"]) console.log(text, isPalindrome(text));
