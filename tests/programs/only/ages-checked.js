function parseAge(text) {
  const n = Number(text);
  if (Number.isNaN(n)) {
    throw new TypeError("not a number: " + text);
  }
  if (n < 0 || n > 150) {
    throw new RangeError(`out of range: ${n}`);
  }
  return n;
}
for (const t of ["12", "abc", "-4", "200"]) {
  try {
    console.log(parseAge(t));
  } catch (e) {
    if (e instanceof RangeError) {
      console.log("range", e.message);
    } else if (e instanceof TypeError) {
      console.log("type", e.message);
    } else {
      throw e;
    }
  } finally {
    console.log("done with " + t);
  }
}
try {
  throw new Error("boom");
} catch (error) {
  console.log("Caught: " + error.message);
}
try {
} catch {
  console.log("no such thing");
}
try { console.log(1); } finally { console.log(2); }
