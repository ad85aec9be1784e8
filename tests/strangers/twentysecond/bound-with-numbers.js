const add = (a, b, c) => a + b + c; console.log(((...more) => add(...more))(1, 2, 3));
