import random
random.seed(7)
rooms = {
    "hall": {"north": "library", "east": "kitchen", "item": None, "text": "A cold hall."},
    "library": {"south": "hall", "item": "book", "text": "Shelves everywhere."},
    "kitchen": {"west": "hall", "item": "knife", "text": "It smells of soup."},
}
inventory = []
location = "hall"

def describe():
    room = rooms[location]
    print("\n== " + location.upper() + " ==")
    print(room["text"])
    if room.get("item"):
        print("You see a", room["item"] + ".")
    exits = [d for d in ("north", "south", "east", "west") if d in room]
    print("Exits:", ", ".join(exits))

def go(direction):
    global location
    if direction in rooms[location]:
        location = rooms[location][direction]
        describe()
    else:
        print("You can't go that way.")

def take(thing):
    if rooms[location]["item"] == thing:
        inventory.append(thing)
        rooms[location]["item"] = None
        print("Taken.")
    else:
        print(f"There is no {thing} here.")

describe()
for command in ["go north", "take book", "take lamp", "go up", "go south", "go east", "take knife", "look", "inventory", "quit", "go west"]:
    print(">", command)
    words = command.split()
    verb = words[0]
    noun = words[1] if len(words) > 1 else ""
    if verb == "go":
        go(noun)
    elif verb == "take":
        take(noun)
    elif verb == "look":
        describe()
    elif verb in ("inventory", "i"):
        print("You carry:", inventory if inventory else "nothing")
    elif verb == "quit":
        print("Bye")
        break
    else:
        print("What?")
