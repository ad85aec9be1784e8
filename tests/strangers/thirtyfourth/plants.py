import random
random.seed(4)
class Plant:
    count = 0
    def __init__(self, name, height=1.0):
        Plant.count += 1
        self.name = name
        self.height = height
        self.history = [height]
    def grow(self, cm):
        if cm < 0:
            raise ValueError("plants do not shrink")
        self.height += cm
        self.history.append(self.height)
        return self
    def __str__(self):
        return "%s (%.1f cm)" % (self.name, self.height)
    def __repr__(self):
        return f"Plant({self.name!r}, {self.height})"
    def __lt__(self, other):
        return self.height < other.height

class Climber(Plant):
    def __init__(self, name, height=1.0, support="stick"):
        super().__init__(name, height)
        self.support = support
    def grow(self, cm):
        return super().grow(cm * 2)
    def __str__(self):
        return super().__str__() + " on a " + self.support

garden = [Plant("basil", 4), Climber("bean"), Plant("mint"), Climber("pea", 2.5, support="net")]
for week in range(1, 4):
    for i, p in enumerate(garden):
        p.grow((i + week) / 2)
garden.sort()
for p in garden:
    print(p)
print(garden)
print(max(garden), "|", min(garden, key=lambda p: len(p.name)))
print(Plant.count, isinstance(garden[0], Climber), [type(p).__name__ for p in garden])
try:
    garden[0].grow(-1)
except ValueError as e:
    print("error:", e)
print(garden[0].grow(1).grow(1).history)
