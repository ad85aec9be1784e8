// ----------------------------------------
// Weather log of the garden school
// ----------------------------------------

var temperatures = [12.5, 14.0, 9.8, 17.2, 21.4, 19.9, 15.0];
var days = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];

// find the warmest and the coldest day
var warmest = 0;
var coldest = 0;
for (var i = 1; i < temperatures.length; i++) {
    if (temperatures[i] > temperatures[warmest]) {
        warmest = i;
    }
    if (temperatures[i] < temperatures[coldest]) {
        coldest = i;
    }
}
console.log("Warmest: " + days[warmest] + " with " + temperatures[warmest] + " degrees");
console.log("Coldest: " + days[coldest] + " with " + temperatures[coldest] + " degrees");

// the average
var sum = 0;
temperatures.forEach(function (temperature) {
    sum += temperature;
});
var average = sum / temperatures.length;
console.log("Average: " + average.toFixed(2));

for (var i = 0; i < days.length; i++) {
    var bar = "";
    for (var j = 0; j < Math.floor(temperatures[i]); j++) {
        bar += "#";
    }
    console.log(days[i].padStart(10, " ") + " | " + bar.padEnd(22) + temperatures[i].toFixed(1).padStart(5));
}
