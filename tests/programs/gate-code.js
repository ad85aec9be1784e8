function check(code) {
  if (code.length !== 4) {
    throw new RangeError(`a code has 4 signs, not ${code.length}`);
  }
  return code.toUpperCase();
}

for (const code of ["bean", "pea", "rosemary"]) {
  try {
    console.log("Gate " + check(code));
  } catch (problem) {
    console.log("No: " + problem.message);
  }
}
