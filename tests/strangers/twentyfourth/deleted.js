const a = [1, 2, 3]; delete a[0]; console.log(a, a.length, a[0]); delete a[9]; console.log(a.length); delete a[2]; console.log(a, a.length); a[0] = 7; console.log(a);
const o = {x: 1, y: 2}; delete o.x; console.log(o); const b = [5]; const i = 0; console.log(delete b[i], b.length);
const m = ["a", "b"]; for (const k in m) if (m[k] === "a") delete m[k]; console.log(m);
