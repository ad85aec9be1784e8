import sys


class TooDry(Exception):
    def __init__(self, bed, litres):
        super().__init__(f"{bed} has {litres} litres")
        self.litres = litres


def watering(start=10):
    level = start

    def give(bed, litres):
        nonlocal level
        if litres > level:
            raise TooDry(bed, level)
        level -= litres
        return level

    return give


give = watering()
beds = {3, 11, 2}
for bed in beds:
    try:
        print(bed, give(f"bed {bed}", 4))
    except TooDry as problem:
        print(problem, problem.litres, file=sys.stderr)
