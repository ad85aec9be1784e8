// Marks of a class: points to words
function toWord(points) {
    if (points >= 90) {
        return "excellent";
    } else if (points >= 75) {
        return "good";
    } else if (points >= 50) {
        return "fair";
    }
    return "try again";
}

const results = [
    { name: "Hazel", points: [90, 95, 88] },
    { name: "Linden", points: [70, 85, 77] },
    { name: "Sorrel", points: [40, 52] },
    { name: "Moss", points: [] },
];

for (let index = 0; index < results.length; index++) {
    const { name, points } = results[index];
    if (points.length == 0) {
        console.log(name + ": nothing handed in");
        continue;
    }
    let total = 0;
    for (let i in points) {
        total += points[i];
    }
    const mean = total / points.length;
    console.log(`${name}: ${mean.toFixed(1)} (${toWord(mean)}), best ${Math.max(...points)}`);
}
const best = results.reduce((a, b) => (Math.max(...b.points, 0) > Math.max(...a.points, 0) ? b : a));
console.log("Best single result:", best.name);
