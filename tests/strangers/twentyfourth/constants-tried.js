const k = 1;
try {
  k = 2;
  console.log("never");
} catch (e) {
  console.log(e.message);
}
try { k++; } catch (e) { console.log(e.name); }
function f() { const list = [1]; list.push(2); try { list = []; } catch (error) { console.log("kept", list.length); } }
f();
console.log("end");
