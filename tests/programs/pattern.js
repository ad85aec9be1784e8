for (let i = 1; i < 5; i++) {
  console.log("*".repeat(i));
}
for (let i = 3; i > 0; i--) {
  console.log("*".repeat(i));
}
