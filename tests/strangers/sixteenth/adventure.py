rooms = {
    "gate": {"desc": "You stand at the gate of Fernhollow.", "north": "yard", "items": []},
    "yard": {"desc": "A yard with a well.", "south": "gate", "east": "shed", "west": "pond", "items": ["rope"]},
    "shed": {"desc": "A dusty shed.", "west": "yard", "items": ["lamp", "key"], "dark": True},
    "pond": {"desc": "Frogs everywhere.", "east": "yard", "items": [], "locked": True},
}
directions = ("north", "south", "east", "west")


class Player:
    def __init__(self, start):
        self.room = start
        self.bag = []
        self.moves = 0

    def go(self, way):
        target = rooms[self.room].get(way)
        if target is None:
            return "You can't go that way."
        if rooms[target].get("locked") and "key" not in self.bag:
            return "It is locked."
        self.room = target
        self.moves += 1
        return rooms[target]["desc"]

    def take(self, thing):
        here = rooms[self.room]["items"]
        if thing not in here:
            return f"There is no {thing} here."
        here.remove(thing)
        self.bag.append(thing)
        return f"Taken: {thing}."

    def look(self):
        room = rooms[self.room]
        exits = [d for d in directions if d in room]
        seen = ", ".join(room["items"]) or "nothing"
        return f"{room['desc']} Exits: {'/'.join(exits)}. You see {seen}."


player = Player("gate")
print(player.look())
while True:
    command = input("> ").split()
    if not command:
        continue
    verb, *rest = command
    if verb == "quit":
        break
    if verb in directions:
        print(player.go(verb))
    elif verb == "take" and rest:
        print(player.take(rest[0]))
    elif verb == "look":
        print(player.look())
    elif verb == "bag":
        print("You carry", player.bag if player.bag else "nothing")
    else:
        print("I don't understand", " ".join(command))
    if player.room == "pond":
        print("You found the frogs in", player.moves, "moves!")
        break
