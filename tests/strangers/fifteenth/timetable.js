const lessons = [
  { day: 'Mon', start: '08:15', minutes: 45, subject: 'Botany', room: null },
  { day: 'Tue', start: '10:05', minutes: 90, subject: 'Maths', room: 'B2' },
  { day: 'Mon', start: '09:05', minutes: 45, subject: 'Maths', room: 'B2' },
  { day: 'Wed', start: '11:50', minutes: 60, subject: 'Botany' },
];

const toMinutes = (time) => {
  const [h, m] = time.split(':').map(Number);
  return h * 60 + m;
};
const toTime = (minutes) => `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

function groupBy(list, key) {
  const groups = {};
  for (const item of list) {
    const value = typeof key === 'function' ? key(item) : item[key];
    if (!groups[value]) groups[value] = [];
    groups[value].push(item);
  }
  return groups;
}

const days = ['Mon', 'Tue', 'Wed'];
const byDay = groupBy(lessons, 'day');
days.forEach((day) => {
  console.log(`== ${day} ==`);
  byDay[day]
    .sort((a, b) => toMinutes(a.start) - toMinutes(b.start))
    .forEach(({ start, minutes, subject, room = 'garden' }) => {
      const end = toTime(toMinutes(start) + minutes);
      console.log(`  ${start}-${end} ${subject.padEnd(8)} ${room ?? 'outside'}`);
    });
});
const load = Object.entries(groupBy(lessons, (l) => l.subject))
  .map(([subject, list]) => ({ subject, total: list.reduce((t, l) => t + l.minutes, 0) }))
  .sort((a, b) => b.total - a.total);
console.table && console.log(load);
console.log(lessons.some((l) => l.room === undefined), lessons.findIndex((l) => l.minutes > 60));
const copy = lessons.map((l) => ({ ...l, minutes: l.minutes + 5 }));
console.log(copy[0].minutes, lessons[0].minutes);
const { subject: first, ...rest } = lessons[1];
console.log(first, rest);
console.log(Math.max(...lessons.map((l) => l.minutes)), new Set(lessons.map((l) => l.subject)).size);
