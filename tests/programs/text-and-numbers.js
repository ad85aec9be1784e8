let text = "";
for (let i = 0; i < 4; i++) {
  text += i;
  text += ",";
}
console.log(text);
let label = "bed ";
label += 7;
console.log(label);
