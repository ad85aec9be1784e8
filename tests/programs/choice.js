function season(month) {
  switch (month) {
    case 12:
    case 1:
    case 2:
      return "winter";
    case 3:
      return "first of spring";
    default:
      return "the rest";
  }
}

console.log(season(1));
console.log(season(3));
console.log(season(7));
