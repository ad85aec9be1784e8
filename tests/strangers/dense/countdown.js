// usual timers of a course
let seconds = 3;
const countdown = setInterval(() => {
  console.log(seconds);
  seconds--;
  if (seconds < 0) {
    clearInterval(countdown);
    console.log("Liftoff!");
  }
}, 1000);
function delayed(text, ms) {
  setTimeout(function () {
    console.log(text);
  }, ms);
}
delayed("B", 200);
delayed("A", 100);
for (const w of ["x", "y"]) {
  setTimeout(() => { console.log(w); }, 50);
}
