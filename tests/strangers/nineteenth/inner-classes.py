class Garden:
    """A garden with beds."""

    class Bed:
        MOST = 4

        def __init__(self, name):
            self.name = name
            self.plants = []

        def add(self, plant):
            if len(self.plants) >= self.MOST:
                raise Garden.Full(self.name)
            self.plants.append(plant)

        def __str__(self):
            return f"{self.name}: {', '.join(self.plants)}"

    class Full(Exception):
        pass

    total = 0

    def __init__(self):
        self.beds = {}
        self.extra = 1

    def bed(self, name):
        if name not in self.beds:
            self.beds[name] = self.Bed(name)
            Garden.total += 1
        return self.beds[name]

g = Garden()
for i, p in enumerate(["pea", "bean", "leek", "kale", "beet"]):
    try:
        g.bed("north").add(p)
    except Garden.Full as full:
        print("full:", full, type(full).__name__)
print(g.bed("north"), Garden.total, Garden.Bed.MOST)
b = Garden.Bed("own"); b.add("x"); print(b, isinstance(b, Garden.Bed))
