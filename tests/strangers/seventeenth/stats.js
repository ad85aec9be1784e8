var readings = [
  {day: "Mon", temp: 12.5, rain: 0},
  {day: "Tue", temp: 14.1, rain: 3.2},
  {day: "Wed", temp: 9.8, rain: 11},
  {day: "Thu", temp: 16.0, rain: 0},
  {day: "Fri", temp: 15.3, rain: 0.4}
];

function mean(list) {
  var total = 0;
  for (var i = 0; i < list.length; i++) {
    total = total + list[i];
  }
  return total / list.length;
}

function median(list) {
  var sorted = list.slice().sort(function (a, b) { return a - b; });
  var half = Math.floor(sorted.length / 2);
  if (sorted.length % 2 === 1) {
    return sorted[half];
  } else {
    return (sorted[half - 1] + sorted[half]) / 2;
  }
}

function deviation(list) {
  var m = mean(list);
  return Math.sqrt(mean(list.map(function (x) { return (x - m) * (x - m); })));
}

var temps = readings.map(function (r) { return r.temp; });
console.log("Mean: " + mean(temps).toFixed(2));
console.log("Median: " + median(temps));
console.log("Deviation: " + deviation(temps).toFixed(3));
console.log("Range: " + Math.min.apply(null, temps) + " to " + Math.max.apply(null, temps));

var dry = readings.filter(function (r) { return !r.rain; }).map(function (r) { return r.day; });
console.log("Dry days: " + dry);

console.log("Day  Temp  Rain");
readings.forEach(function (r) {
  var bar = "";
  for (var i = 0; i < Math.round(r.rain); i++) bar += "=";
  console.log(r.day + "  " + ("    " + r.temp.toFixed(1)).slice(-4) + "  " + bar);
});

var warmest = readings[0];
for (var k in readings) {
  if (readings[k].temp > warmest.temp) warmest = readings[k];
}
console.log("Warmest:", warmest);
var histogram = {};
for (var t of temps) {
  var bucket = Math.floor(t / 5) * 5;
  histogram[bucket] = (histogram[bucket] || 0) + 1;
}
console.log(histogram);
console.table && console.log(Object.keys(histogram).length);
if (typeof module !== 'undefined') {
  console.log("in node");
}
