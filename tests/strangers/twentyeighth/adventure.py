# Adventure in the greenhouse
rooms = {
    "gate":   {"text": "A rusty gate.", "exits": {"north": "path"}, "items": []},
    "path":   {"text": "A gravel path.", "exits": {"south": "gate", "east": "pond", "north": "house"}, "items": ["key"]},
    "pond":   {"text": "Still water.", "exits": {"west": "path"}, "items": ["frog", "coin"]},
    "house":  {"text": "The greenhouse!", "exits": {"south": "path"}, "items": [], "locked": True},
}

class Player:
    def __init__(self, where="gate"):
        self.where = where
        self.bag = []
        self.moves = 0

    @property
    def room(self):
        return rooms[self.where]

    def go(self, direction):
        target = self.room["exits"].get(direction)
        if target is None:
            return "No way."
        if rooms[target].get("locked") and "key" not in self.bag:
            return "Locked."
        self.where = target
        self.moves += 1
        return self.room["text"]

    def take(self, thing):
        if thing in self.room["items"]:
            self.room["items"].remove(thing)
            self.bag.append(thing)
            return f"Taken: {thing}."
        return f"There is no {thing} here."

    def look(self):
        exits = ", ".join(sorted(self.room["exits"]))
        things = " and ".join(self.room["items"]) or "nothing"
        return f"{self.room['text']} Exits: {exits}. You see {things}."


def run(commands):
    p = Player()
    actions = {
        "go": p.go,
        "take": p.take,
        "look": lambda *_: p.look(),
        "bag": lambda: "You have " + (", ".join(p.bag) if p.bag else "nothing"),
    }
    for line in commands:
        verb, *rest = line.split()
        action = actions.get(verb)
        if action is None:
            print(">", line, "?? unknown")
            continue
        try:
            print(">", line, "--", action(*rest))
        except TypeError:
            print(">", line, "-- I need more or less words.")
    return p


p = run(["look", "go north", "go north", "take key", "take key", "bag", "go east", "take coin", "look", "go west", "go north", "dance", "go", "look now"])
print(p.where, p.moves, sorted(p.bag), len(rooms["pond"]["items"]))
