const word = "sunflower";
console.log(word.slice(0, 3), word.slice(3));
console.log(word.toUpperCase());
console.log(word[0] + word[word.length - 1]);
console.log(word.replace("sun", "moon"));
