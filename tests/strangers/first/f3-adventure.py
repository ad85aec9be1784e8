rooms = {
    "gate": {"north": "orchard", "text": "You stand at the gate."},
    "orchard": {"south": "gate", "east": "shed", "text": "Apple trees.", "item": "apple"},
    "shed": {"west": "orchard", "text": "A dark shed.", "item": "lamp"},
}
here = "gate"
bag = []
while True:
    room = rooms[here]
    print(f"\n== {here.title()} ==\n{room['text']}")
    if "item" in room:
        print("There is a", room["item"])
    exits = [d for d in room if d in ("north", "south", "east", "west")]
    print("Exits:", *exits)
    command, _, rest = input("> ").partition(" ")
    match command:
        case "go":
            if rest in exits:
                here = room[rest]
            else:
                print("No way", rest)
        case "take" if "item" in room:
            bag.append(room.pop("item"))
        case "bag":
            print("You have", bag if bag else "nothing")
        case "quit" | "q":
            break
        case _:
            print("I don't know", repr(command))
print(f"You end with {len(bag)} thing{'s' if len(bag) != 1 else ''}.")
