function isLeap(year) {
  if (year % 400 === 0) {
    return true;
  }
  if (year % 100 === 0) {
    return false;
  }
  return year % 4 === 0;
}

for (const year of [1900, 2000, 2023, 2024]) {
  console.log(year, isLeap(year));
}
