const beds = ["pea", "rose"];
beds.forEach((bed, i, all) => { console.log(bed, i, all.length); });
beds.forEach((bed, i, all) => console.log(i === all.length - 1 ? bed + "." : bed + ","));
beds.forEach(function (b, place, list) { list[place] = b.toUpperCase(); });
console.log(beds);
