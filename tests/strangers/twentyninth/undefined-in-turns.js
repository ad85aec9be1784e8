for (let i = 0; i < 3; i++) {
  var kept;
  let fresh;
  console.log(i, kept, fresh);
  if (i === 0) { kept = 'a'; fresh = [1]; }
  console.log(kept , fresh)
}
let first_name_of_the_pupil_who_came_before_all_the_others_today ;
var a , b = 'x', c;
console.log(first_name_of_the_pupil_who_came_before_all_the_others_today, a, c);
a = [ ] ; c = { k: 1 }
first_name_of_the_pupil_who_came_before_all_the_others_today = "Ada"
console.log(first_name_of_the_pupil_who_came_before_all_the_others_today, a, c)
class Bed {}
let bed;
console.log(bed?.rows, bed === undefined, typeof bed);
bed = new Bed();
console.log(bed instanceof Bed);
try { let m; m.set('a', 1); m = new Map(); } catch (e) { console.log(e.name); }
