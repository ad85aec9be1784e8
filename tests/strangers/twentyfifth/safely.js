function safe(work) {
    try { return [null, work()]; }
    catch (problem) { return [problem, null]; }
}
const [err, value] = safe(() => { throw new TypeError("broken hose"); });
console.log(err instanceof TypeError, err.message, value);
const log = [];
const record = (e, where) => log.push(`${where}: ${e.message}`);
try { throw new Error("x"); } catch (e) { record(e, "here"); throwAgain(e); }
function throwAgain(e) { try { throw e; } catch (again) { console.log(again.message); } }
console.log(log);
