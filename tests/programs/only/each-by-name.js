const g = makeIt(2);
function makeIt(k) { return (x) => { console.log(x * k); }; }
[1, 2].forEach(g);
const beds = [3, 4];
beds.forEach(g);
const shout = (bed) => {
  console.log(bed.toUpperCase());
};
["pea", "bean"].forEach(shout);
["kale"].forEach(console.log);
const whisper = function (bed) { console.log(bed.toLowerCase()); };
["LEEK"].forEach(whisper);
