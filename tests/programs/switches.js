function season(month) {
  switch (month) {
    case 12:
    case 1:
    case 2:
      return "winter";
    case 3: {
      return "early spring";
    }
    default:
      return "later";
  }
}
for (const month of [1, 3, 7, 12]) console.log(month, season(month));
const key = "pea";
switch (key) {
  case "bean":
    console.log("a bean");
    break;
  case "pea":
    console.log("a pea");
    break;
  default:
    console.log("nothing");
}
switch (7 % 3) {
  case 0:
    console.log("none left");
    break;
  case 1:
    console.log("one left");
    break;
}
