setTimeout(() => console.log("third"), 10);
Promise.resolve("second").then((v) => console.log(v));
console.log("first");
async function work(name, ms) {
  await new Promise((r) => setTimeout(r, ms));
  console.log(name, "done");
  return ms;
}
(async () => {
  const a = await work("a", 30);
  const [b, c] = await Promise.all([work("b", 20), work("c", 5)]);
  console.log(a + b + c);
  try { throw new Error("late"); } catch (e) { console.log(e.message); } finally { console.log("end"); }
})();
