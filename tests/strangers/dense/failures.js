class GardenError extends Error {
  constructor(message, bed) {
    super(message);
    this.bed = bed;
  }
}
function tryIt(kind) {
  try {
    if (kind === 1) throw new GardenError("too dry", 4);
    if (kind === 2) throw new RangeError("far");
    if (kind === 3) throw new Error("plain");
    console.log("fine");
  } catch (err) {
    if (err instanceof GardenError) console.log(`${err.message} in bed ${err.bed}`);
    else if (err instanceof RangeError) console.log("range " + err.message);
    else console.log("other", err.message);
  } finally {
    console.log("done");
  }
}
for (const k of [0, 1, 2, 3]) tryIt(k);
try {
  throw new GardenError("x", 1);
} catch (e) {
  if (e instanceof GardenError)
    console.log("bed", e.bed)
}
try {
  throw new TypeError("t");
} catch (e) {
  if (!(e instanceof TypeError)) throw e;
  console.log("type", e.message);
}
