function f() {
  ;console.log(1);
}
f();
if (1 < 2) {
  ;
  console.log(1);
}
if (1 < 2) {
  console.log(2);;console.log(1);
}
