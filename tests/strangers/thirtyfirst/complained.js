try { throw new Error("x"); } catch (e) { console.error(e); console.warn("Error:", e); console.error(e, e.message); console.error("a", [1], e); }
console.error("plain", 1);
function f() { try { null.x; } catch (error) { console.error("failed", error); return 1; } }
console.log(f());
class Bad extends Error { constructor(m) { super(m); this.name = "Bad"; } }
try { throw new Bad("y"); } catch (e) { console.error(e); }
