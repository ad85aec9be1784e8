function unused() { return watr; }
console.log("fine");
