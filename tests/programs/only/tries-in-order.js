"use strict";
const readBed = (beds, n) => {
  if (n >= beds.length) throw new Error('No bed ' + n);
  return beds[n];
};
let tries = 0;
function attempt() {
  tries++;
  try {
    return readBed(['rose', 'bean'], tries);
  } catch (err) {
    return 'none: ' + err.message;
  } finally {
    console.log('try', tries);
  }
}
console.log(attempt());
console.log(attempt());
