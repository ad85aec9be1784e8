let pots = 0;
do {
  pots += 3;
  console.log("pots", pots);
} while (pots < 10);
