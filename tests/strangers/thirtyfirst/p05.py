"""Text adventure: rooms as dictionaries."""

rooms = {
    "shed": {"text": "You are in a dusty shed.", "exits": {"out": "yard"}, "items": ["lamp", "key"]},
    "yard": {"text": "You are in the yard. A locked gate leads north.", "exits": {"in": "shed", "north": "meadow"}, "items": []},
    "meadow": {"text": "The meadow! You are free.", "exits": {}, "items": []},
}
here = "shed"
bag = []
moves = 0


def describe():
    room = rooms[here]
    print(room["text"])
    if room["items"]:
        print("You see:", ", ".join(sorted(room["items"])))


def go(direction):
    global here, moves
    exits = rooms[here]["exits"]
    if direction not in exits:
        print("You can't go", direction + ".")
        return False
    if exits[direction] == "meadow" and "key" not in bag:
        print("The gate is locked.")
        return False
    here = exits[direction]
    moves += 1
    return True


def take(thing):
    items = rooms[here]["items"]
    if thing in items:
        items.remove(thing)
        bag.append(thing)
        print("Taken.")
    else:
        print("There is no", thing, "here.")


describe()
while here != "meadow":
    command = input("> ").strip().lower().split()
    if not command:
        continue
    verb, *rest = command
    thing = rest[0] if rest else None
    if verb == "go" and thing:
        if go(thing):
            describe()
    elif verb in ("take", "get"):
        take(thing)
    elif verb == "bag":
        print("You carry", bag if bag else "nothing")
    elif verb == "quit":
        break
    else:
        print("I don't understand", repr(" ".join(command)))
print("Moves:", moves)
