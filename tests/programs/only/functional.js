const heights = [30, 12, 45, 7];
console.log(heights.map((h) => h * 2), heights.filter((h) => h > 10), heights.map((h, place) => h + place));
console.log(heights.reduce((sum, h) => sum + h, 0), heights.reduce((most, h) => (h > most ? h : most), 0));
console.log(heights.find((h) => h < 20), heights.find((h) => h > 99), heights.some((h) => h === 7), heights.every((h) => h > 7));
heights.forEach((h) => console.log(h));
heights.forEach((h, place) => {
  if (place > 1) {
    console.log(place, h);
  }
});
console.log(["1", "2"].map(Number), [1, 2].map(String), heights.filter((h) => h % 2 === 0).map((h) => h / 2).join(" "));
console.log(Array.from({ length: 4 }, (_, place) => place * place));
