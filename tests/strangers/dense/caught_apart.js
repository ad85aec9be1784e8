try {
  throw new RangeError("too far");
} catch ({ name, message }) {
  console.log(name + ": " + message);
}
