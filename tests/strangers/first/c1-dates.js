"use strict";

function isLeap(year) {
  return (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
}

function daysIn(month, year = 2023) {
  if (month === 2) return isLeap(year) ? 29 : 28;
  return [4, 6, 9, 11].includes(month) ? 30 : 31;
}

function check(actual, expected, what) {
  if (actual !== expected) {
    throw new Error(`${what}: expected ${expected}, got ${actual}`);
  }
  console.log("ok:", what);
}

function runChecks() {
  check(isLeap(2000), true, "2000 is a leap year");
  check(isLeap(1900), false, "1900 is none");
  check(daysIn(2), 28, "February");
  check(daysIn(2, 2024), 29, "February in a leap year");
}

function main() {
  try {
    runChecks();
    check(daysIn(13), 30, "month 13");
  } catch (error) {
    console.log("failed ->", error.message);
  }
}

main();
