const garden = {
  beds: [{ name: 'north', plants: ['leek', 'kale'] }, { name: 'south' }],
};

function report(bed) {
  console.log(`${bed.name}: ${bed.plants.length} plants`);
}

for (const bed of garden.beds) {
  report(bed);
}
console.log('never printed');
