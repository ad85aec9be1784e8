const mk = (n) => () => n++;
const a = mk(4); a(); console.log(a());
const b = mk(1); b(); b(); console.log(b(), a());
const h = { make: (n) => () => ++n }; const c = h.make(1); c(); console.log(c());
const fs = [1, 2].map((n) => () => n++); fs[0](); console.log(fs[0](), fs[1]());
let z = ((n) => () => ++n)(4); z(); console.log(z());
const y = (function (n) { return () => ++n; })(4); y(); console.log(y());