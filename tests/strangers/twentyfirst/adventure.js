const rooms = {
  shed: { text: "A dusty shed.", exits: { north: "garden" }, items: ["spade"] },
  garden: { text: "Rows of beans.", exits: { south: "shed", east: "pond" }, items: [] },
  pond: { text: "Frogs everywhere.", exits: { west: "garden" }, items: ["key", "bucket"] },
};
const player = { room: "shed", bag: [] };
const commands = {
  go(dir) {
    const next = rooms[player.room].exits[dir];
    if (!next) return "You can't go there.";
    player.room = next;
    return commands.look();
  },
  look() {
    const { text, exits, items } = rooms[player.room];
    return `${text} Exits: ${Object.keys(exits).join(", ")}.${items.length ? ` You see: ${items.join(" and ")}.` : ""}`;
  },
  take(what) {
    const { items } = rooms[player.room];
    const at = items.indexOf(what);
    if (at === -1) return `No ${what} here.`;
    player.bag.push(...items.splice(at, 1));
    return `Taken: ${what}.`;
  },
  bag: () => player.bag.length === 0 ? "empty" : player.bag.map((x, i) => `${i + 1}) ${x}`).join(" "),
};
const script = "look\ntake spade\ntake spade\ngo north\ngo up\ngo east\ntake key\nbag\ndance";
for (const line of script.split("\n")) {
  const [verb, ...rest] = line.split(" ");
  const cmd = commands[verb];
  console.log(`> ${line}`);
  console.log(typeof cmd === "function" ? cmd(...rest) : "What?");
}
const visited = new Set();
(function walk(r) { if (visited.has(r)) return; visited.add(r); Object.values(rooms[r].exits).forEach(walk); })("shed");
console.log([...visited], Object.values(rooms).flatMap(r => r.items).sort());
