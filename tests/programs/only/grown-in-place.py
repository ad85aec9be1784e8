sown = {"pea"}
beds = {"north": 1}
path = ()


def tell(names, places):
    names |= {"kale"}
    places |= {"south": 2}


tell(sown, beds)
print(sorted(sown), beds)
same = path
for step in range(3):
    path += (step,)
print(path, same)
rows = [{"bed": 1}, {"bed": 2}]
for row in rows:
    row |= {"dry": row["bed"] > 1}
print(rows)
path += 7, 8
print(path)


class Walk:
    def __init__(self):
        self.steps = ()
        self.seen = set()

    def go(self, step):
        self.steps += (step,)
        self.seen |= {step}
        return self


walk = Walk().go(1).go(2)
print(walk.steps, sorted(walk.seen))
flags = 5
flags |= 2
print(flags)


class GardenError(Exception):
    pass


def litres(text):
    try:
        return int(text)
    except ValueError as error:
        raise GardenError(f"no number: {text}") from error


for text in ("3", "x"):
    try:
        print(litres(text))
    except GardenError as error:
        print(error)
print(max(rows, key=lambda row: row["bed"], default=None))
