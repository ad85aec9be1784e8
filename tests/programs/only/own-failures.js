class GardenError extends Error {
  constructor(message, bed) { super(message); this.name = "GardenError"; this.bed = bed; }
}
class DryError extends GardenError {}
function water(bed) {
  if (bed > 3) throw new GardenError("no bed", bed);
  if (bed === 2) throw new DryError("too dry", bed);
  return bed;
}
for (const bed of [1, 2, 5]) {
  try {
    console.log(water(bed));
  } catch (e) {
    if (e instanceof DryError) {
      console.log("dry", e.message, e.bed);
    } else if (e instanceof GardenError) {
      console.log(e.name, e.message, e.bed);
    } else {
      throw e;
    }
  }
}
try { water(9); } catch (e) {
  if (e instanceof GardenError) { console.log("caught", e.message); }
}
try { water(9); } catch (e) { console.log(e.message); }
