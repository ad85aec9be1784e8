/* Timetable: finds clashes */
const DAYS = Object.freeze(["Mon", "Tue", "Wed", "Thu", "Fri"]);
const parse = (time) => {
  const [h, m] = time.split(":").map(Number);
  return h * 60 + m;
};
const format = (minutes) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, "0")}`;
let lessons = [
  { subject: "Botany", day: "Mon", from: "9:00", to: "9:45", room: 1 },
  { subject: "Digging", day: "Mon", from: "9:30", to: "10:15", room: 2 },
  { subject: "Maths", day: "Tue", from: "8:15", to: "9:00", room: 1 },
  { subject: "Botany", day: "Tue", from: "9:00", to: "9:45", room: 1 },
  { subject: "Bees", day: "Sun", from: "9:00", to: "8:00" },
];
const problems = [];
lessons = lessons.filter((l) => {
  const issues = [];
  if (!DAYS.includes(l.day)) issues.push(`no such day: ${l.day}`);
  if (parse(l.to) <= parse(l.from)) issues.push("ends before it begins");
  if (l.room === undefined || l.room === null) issues.push("no room");
  issues.length && problems.push({ subject: l.subject, issues });
  return issues.length === 0;
});
problems.forEach(({ subject, issues }) => console.log(`${subject}: ${issues.join("; ")}`));
for (let i = 0; i < lessons.length; i++) {
  for (let j = i + 1; j < lessons.length; j++) {
    const [x, y] = [lessons[i], lessons[j]];
    if (x.day === y.day && parse(x.from) < parse(y.to) && parse(y.from) < parse(x.to)) {
      const overlap = Math.min(parse(x.to), parse(y.to)) - Math.max(parse(x.from), parse(y.from));
      console.log(`${x.subject} and ${y.subject} clash on ${x.day} for ${overlap} min`);
    }
  }
}
const total = lessons.reduce((sum, { from, to }) => sum + parse(to) - parse(from), 0);
console.log("total", format(total), "of", format(5 * 6 * 45));
const byDay = DAYS.map((day) => [day, lessons.filter((l) => l.day === day).map((l) => l.subject)]).filter(([, list]) => list.length);
console.log(Object.fromEntries(byDay));
DAYS.forEach((d, i) => { if (i % 2 === 0) process.stdout.write(d + (i < 4 ? "," : "\n")); });
console.log(typeof DAYS, Array.isArray(DAYS), DAYS.indexOf("Fri"), DAYS.at(-1), lessons.map((l) => l.room).sort().join(""));
try { null.x; } catch (e) { console.log(e instanceof TypeError, e.message); }
