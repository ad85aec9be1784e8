for (let number = 1; number <= 15; number++) {
  let text = "";
  if (number % 3 === 0) text += "leaf";
  if (number % 5 === 0) text += "fall";
  console.log(text || number);
}
