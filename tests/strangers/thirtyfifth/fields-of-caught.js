class DryError extends Error { constructor(m) { super(m); this.times = 1; } }
for (let i = 0; i < 2; i++) {
  try {
    try { throw new DryError('dry ' + i); }
    catch (e) { e.times += 4; e.where = 'bed ' + i; throw e; }
  } catch (e) { console.log(e.message, e.times, e.where); }
}
