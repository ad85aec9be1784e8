function told(x) { return x ? "something" : "nothing"; }
console.log(told([]), told(0), told(""), told([1]), told({}), told(null));
const list = [];
if (list) console.log("there");
if (!list) console.log("not there"); else console.log("is");
const beds = [{ plant: "pea", tags: [] }, { plant: "", tags: ["a"] }];
for (const bed of beds) {
  if (bed.tags) console.log("tags", bed.tags.length);
  if (bed.plant) console.log(bed.plant);
  console.log(!bed.tags, Boolean(bed.tags), !!bed.tags);
}
const found = beds.find((b) => b.plant === "kale");
if (!found) console.log("none");
const task = { name: "dig", done: true, hours: 2 };
if (task.done && task.hours) console.log(task.name);
