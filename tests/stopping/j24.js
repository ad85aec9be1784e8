console.log(Math.flor(3.5));
