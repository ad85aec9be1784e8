# Text adventure - Year 9 project
# Walk round the garden and collect things

rooms = {
    "gate":   {"north": "path", "items": ["key"], "text": "You stand at the old gate."},
    "path":   {"south": "gate", "east": "pond", "north": "shed", "items": [], "text": "A gravel path."},
    "pond":   {"west": "path", "items": ["frog", "net"], "text": "A quiet pond."},
    "shed":   {"south": "path", "items": ["spade"], "text": "A dusty shed.", "locked": True},
}

inventory = []
here = "gate"
moves = 0
MAX_MOVES = 20


def describe(room):
    """Print what the player sees."""
    info = rooms[room]
    print()
    print("== " + room.upper() + " ==")
    print(info["text"])
    if info["items"]:
        print("You can see:", ", ".join(sorted(info["items"])))
    exits = [d for d in ("north", "south", "east", "west") if d in info]
    print("Exits:", " ".join(exits))


def take(what):
    items = rooms[here]["items"]
    if what in items:
        items.remove(what)
        inventory.append(what)
        print(f"You take the {what}.")
        return True
    print(f"There is no {what} here.")
    return False


def go(direction):
    global here
    target = rooms[here].get(direction)
    if target is None:
        print("You can't go that way.")
    elif rooms[target].get("locked", False) and "key" not in inventory:
        print("It is locked. Perhaps a key would help?")
    else:
        here = target
        describe(here)


describe(here)
while moves < MAX_MOVES:
    try:
        line = input("> ").strip().lower()
    except EOFError:
        print("\n(no more commands)")
        break
    moves += 1
    words = line.split()
    if not words:
        continue
    verb, *rest = words
    if verb in ("n", "s", "e", "w"):
        go({"n": "north", "s": "south", "e": "east", "w": "west"}[verb])
    elif verb == "go" and rest:
        go(rest[0])
    elif verb == "take" and rest:
        for thing in rest:
            take(thing)
    elif verb in ("i", "inventory"):
        print("You carry:", inventory if inventory else "nothing")
    elif verb == "quit":
        break
    else:
        print("I don't understand '%s'." % line)
    if len(inventory) == 4:
        print("You have found everything!")
        break
else:
    print("You are too tired to go on.")

print("Moves:", moves, "- score:", len(inventory) * 10 - moves)
