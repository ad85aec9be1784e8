class Plant:
    count = 0

    def __init__(self, name, height=1):
        self.name = name
        self.height = height
        self._log = []
        Plant.count += 1

    def grow(self, by=1):
        self.height += by
        self._log.append(by)
        return self

    @property
    def total_growth(self):
        return sum(self._log)

    @staticmethod
    def is_valid(name):
        return name.isalpha()

    @classmethod
    def from_text(cls, text):
        name, height = text.split(":")
        return cls(name, int(height))

    def __repr__(self):
        return f"{type(self).__name__}({self.name!r}, {self.height})"

    def __eq__(self, other):
        return isinstance(other, Plant) and (self.name, self.height) == (other.name, other.height)

    def __lt__(self, other):
        return self.height < other.height

    def __hash__(self):
        return hash(self.name)


class Tree(Plant):
    def __init__(self, name, height=10, *, rings=0):
        super().__init__(name, height)
        self.rings = rings

    def grow(self, by=1):
        super().grow(by * 2)
        self.rings += 1
        return self

    def __str__(self):
        return f"{self.name} with {self.rings} rings"


beds = [Plant("bean"), Tree("oak", rings=3), Plant.from_text("rose:4"), Tree.from_text("elm:7")]
for plant in beds:
    plant.grow().grow(3)
print(beds)
print(*map(str, beds), sep=" | ")
print(sorted(beds)[0], max(beds), min(beds, key=lambda p: p.name))
print(Plant.count, Plant.is_valid("b3"), Plant.is_valid("bean"))
print(beds[1].total_growth, beds[0] == Plant("bean", 5), beds[0] != beds[1])
print(len({Plant("a"), Plant("a"), Plant("b")}))
print(isinstance(beds[1], Plant), issubclass(Tree, Plant), hasattr(beds[0], "rings"))
for p in beds:
    match p:
        case Tree(rings=r) if r > 2:
            print("tree", r)
        case Plant(name="rose"):
            print("a rose")
        case _:
            print("something else")
