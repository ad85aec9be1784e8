function parseAge(s) {
  const n = Number(s);
  if (Number.isNaN(n)) throw new TypeError(`"${s}" is not a number`);
  if (n < 0) throw new RangeError("negative");
  return n;
}
for (const s of ["12", "x", "-1", ""]) {
  try {
    console.log(parseAge(s));
  } catch (e) {
    if (e instanceof TypeError) console.log("type:", e.message);
    else if (e instanceof RangeError) console.log("range:", e.message);
    else throw e;
  } finally {
    console.log("checked", s);
  }
}
const day = 3;
switch (day) {
  case 1:
  case 7:
    console.log("weekend"); break;
  case 3:
    console.log("mid");
  default:
    console.log("weekday");
}
