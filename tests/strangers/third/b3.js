const pupil = {
  name: "Tansy",
  marks: [4, 5, 3],
  average() {
    return this.marks.reduce((a, b) => a + b, 0) / this.marks.length;
  },
  greet: function () {
    return "I am " + this.name;
  },
};
console.log(pupil.average(), pupil.greet());
const { name, marks: [first, ...others] } = pupil;
console.log(name, first, others);
function area({ width, height = 2 }) {
  return width * height;
}
console.log(area({ width: 3 }), area({ width: 3, height: 5 }));
const copy = { ...pupil, name: "Moss" };
console.log(copy.name, Object.keys(copy).length);
const width = 4, height = 5;
const box = { width, height };
console.log(box, JSON.stringify(box));
for (const key in box) console.log(key, box[key]);
console.log(Object.entries(box));
