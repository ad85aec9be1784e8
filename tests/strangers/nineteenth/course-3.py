"""Text adventure with classes, inventory and command parsing."""


class Room:
    def __init__(self, name, description):
        self.name = name
        self.description = description
        self.exits = {}
        self.items = []

    def connect(self, direction, other):
        opposites = {"north": "south", "south": "north", "east": "west", "west": "east"}
        self.exits[direction] = other
        other.exits[opposites[direction]] = self

    def describe(self):
        print(f"\n== {self.name} ==")
        print(self.description)
        if self.items:
            print("You see:", ", ".join(item.name for item in self.items))
        print("Exits:", " ".join(sorted(self.exits)))


class Item:
    def __init__(self, name, weight=1):
        self.name, self.weight = name, weight

    def __eq__(self, other):
        if isinstance(other, str):
            return self.name == other
        return self.name == other.name


class Player:
    LIMIT = 5

    def __init__(self, start):
        self.here = start
        self.bag = []

    @property
    def load(self):
        return sum(item.weight for item in self.bag)

    def go(self, direction):
        if direction in self.here.exits:
            self.here = self.here.exits[direction]
            self.here.describe()
        else:
            print("You can't go that way.")

    def take(self, name):
        for item in self.here.items[:]:
            if item.name == name:
                if self.load + item.weight > Player.LIMIT:
                    print("Too heavy!")
                    return
                self.here.items.remove(item)
                self.bag.append(item)
                print("Taken.")
                return
        print("No", name, "here.")

    def drop(self, name):
        matches = [i for i in self.bag if i == name]
        if not matches:
            print("You don't have that.")
            return
        self.bag.remove(matches[0])
        self.here.items.append(matches[0])
        print("Dropped.")


class Game:
    def __init__(self):
        gate = Room("Gate", "A rusty gate.")
        shed = Room("Shed", "Tools everywhere.")
        pond = Room("Pond", "Still water.")
        gate.connect("north", shed)
        shed.connect("east", pond)
        shed.items += [Item("rake", 2), Item("anvil", 9)]
        pond.items.append(Item("frog"))
        self.player = Player(gate)
        self.moves = 0
        self.commands = {
            "go": self.player.go,
            "take": self.player.take,
            "drop": self.player.drop,
        }

    def run(self, script):
        self.player.here.describe()
        for line in script:
            self.moves += 1
            print(">", line)
            verb, _, rest = line.partition(" ")
            if verb == "quit":
                break
            elif verb in ("look", "l"):
                self.player.here.describe()
            elif verb in self.commands:
                self.commands[verb](rest)
            elif verb == "bag":
                print([f"{i.name}({i.weight})" for i in self.player.bag] or "empty", self.player.load)
            else:
                print("Pardon?")
        print("Moves:", self.moves)


Game().run(["bag", "take rake", "go north", "take anvil", "take rake", "go east", "take frog", "bag", "drop rake", "look", "go up", "sing", "quit", "never"])
