# simple simulation of a pond
class Creature:
    def __init__(self, name, energy):
        self.name, self.energy = name, energy
    def step(self, day):
        self.energy -= 1
    def alive(self):
        return self.energy > 0

class Frog(Creature):
    def __init__(self, name):
        super().__init__(name, 5)
        self.jumps = 0
    def step(self, day):
        super().step(day)
        if day % 2 == 0:
            self.jumps += 1
            self.energy += 1

class Fish(Creature):
    def step(self, day):
        Creature.step(self, day)
        self.energy -= day // 4

pond = [Frog("Fred"), Fish("Finn", 6), Fish("Fay", 9)]
day = 0
while any(c.alive() for c in pond) and day < 12:
    day += 1
    for c in pond[:]:
        c.step(day)
        if not c.alive():
            print(f"day {day}: {c.name} is gone")
            pond.remove(c)
    print(day, ["{}:{}".format(c.name, c.energy) for c in pond])
print(sum(c.jumps for c in pond if hasattr(c, "jumps")))
print([type(c).__name__ for c in pond], isinstance(pond[0], Creature) if pond else "empty")
grid = [[0] * 5 for _ in range(4)]
for y in range(4):
    for x in range(5):
        grid[y][x] = (x + y) % 3
def life(cells):
    return {(x, y) for x in range(-1, 6) for y in range(-1, 6)
            if sum((x + dx, y + dy) in cells for dx in (-1, 0, 1) for dy in (-1, 0, 1) if dx or dy) in ((2, 3) if (x, y) in cells else (3,))}
cells = {(1, 0), (2, 1), (0, 2), (1, 2), (2, 2)}
for _ in range(4):
    cells = life(cells)
print(sorted(cells))
for row in grid:
    print("".join(".o#"[v] for v in row))
