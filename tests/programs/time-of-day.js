let seconds = 7384;
const hours = Math.floor(seconds / 3600);
seconds %= 3600;
const minutes = Math.floor(seconds / 60);
seconds %= 60;
const two = (n) => String(n).padStart(2, "0");
console.log(`${two(hours)}:${two(minutes)}:${two(seconds)}`);
