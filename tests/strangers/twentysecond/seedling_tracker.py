"""Seedling tracker - Fernhollow greenhouse, term project."""
from collections import defaultdict, namedtuple, OrderedDict
from functools import total_ordering
import math

Reading = namedtuple("Reading", ["day", "height", "leaves"])


class GrowthError(Exception):
    """Raised when a reading makes no sense."""

    def __init__(self, plant, message, *, code=10):
        super().__init__(message)
        self.plant = plant
        self.code = code

    def __repr__(self):
        return f"GrowthError({self.plant!r}, code={self.code})"


@total_ordering
class Seedling:
    count = 0

    def __init__(self, name, species="unknown"):
        self.name = name
        self._species = species
        self.readings = []
        Seedling.count += 1

    @property
    def species(self):
        return self._species.title()

    @species.setter
    def species(self, value):
        if not value:
            raise ValueError("species cannot be empty")
        self._species = value

    @classmethod
    def from_line(cls, line):
        name, _, species = line.partition(":")
        return cls(name.strip(), species.strip() or "unknown")

    @staticmethod
    def valid_height(height):
        return 0 <= height < 300

    def add(self, day, height, leaves=0):
        if not self.valid_height(height):
            raise GrowthError(self.name, f"height {height} out of range", code=22)
        if self.readings and day <= self.readings[-1].day:
            raise GrowthError(self.name, "days must increase")
        self.readings.append(Reading(day, height, leaves))
        return self

    def growth(self):
        if len(self.readings) < 2:
            return 0.0
        first, *_, last = self.readings
        return (last.height - first.height) / (last.day - first.day)

    def __eq__(self, other):
        if not isinstance(other, Seedling):
            return NotImplemented
        return self.growth() == other.growth()

    def __lt__(self, other):
        return self.growth() < other.growth()

    def __len__(self):
        return len(self.readings)

    def __bool__(self):
        return True

    def __str__(self):
        return f"{self.name:<8}|{self.species:>10}|{self.growth():6.2f}"


def report(seedlings):
    print("-" * 28)
    for number, seedling in enumerate(sorted(seedlings, reverse=True), start=1):
        print(f"{number:02d} {seedling}")
    print("-" * 28)


def main():
    lines = """
    Ivo: sunflower
    Bea : pea
    Cleo
    """.strip().splitlines()
    plants = OrderedDict()
    for line in lines:
        plant = Seedling.from_line(line)
        plants[plant.name] = plant
    plants["Ivo"].add(1, 2.5).add(4, 9.1, 3).add(9, 20)
    plants["Bea"].add(1, 1).add(6, 4.5, leaves=2)
    problems = defaultdict(list)
    attempts = [("Ivo", 9, 30), ("Bea", 7, 999), ("Zed", 1, 1), ("Cleo", 2, 1.25)]
    for who, day, height in attempts:
        try:
            plants[who].add(day, height)
        except GrowthError as error:
            problems[error.plant].append((error.code, str(error)))
            print(repr(error))
        except KeyError as missing:
            problems["?"].append((404, missing.args[0]))
        else:
            print("ok", who)
    for plant, items in problems.items():
        for code, text in items:
            print(f"{plant:>5} #{code}: {text}")
    report(plants.values())
    print(Seedling.count, len(plants["Ivo"]), max(plants.values()).name)
    print(plants["Bea"] == plants["Cleo"], plants["Bea"] >= plants["Cleo"])
    reading = plants["Ivo"].readings[1]
    print(reading, reading._asdict(), reading._replace(leaves=5))
    print(math.isclose(plants["Ivo"].growth(), 2.1875))


if __name__ == "__main__":
    main()
