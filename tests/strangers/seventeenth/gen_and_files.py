def read_rows(lines):
    for number, line in enumerate(lines, start=1):
        line = line.strip()
        if not line or line.startswith("#"):
            continue
        yield number, [part.strip() for part in line.split(",")]


def countdown(n):
    while n > 0:
        yield n
        n -= 1
    return


def running_mean():
    total, count = 0.0, 0
    def add(value):
        nonlocal total, count
        total += value
        count += 1
        return total / count
    return add


def timed(name):
    def wrap(fn):
        def inner(*args, **kwargs):
            print(f"[{name}] start")
            result = fn(*args, **kwargs)
            print(f"[{name}] gave {result}")
            return result
        return inner
    return wrap


@timed("area")
def area(width, height=2):
    return width * height


DATA = """
# bed, plant, kilos
north, beans, 3.5
south, squash, 12

east , beans, 4.25
west, kale, oops
"""

totals = {}
for number, (bed, plant, kilos) in read_rows(DATA.splitlines()):
    try:
        totals.setdefault(plant, []).append(float(kilos))
    except ValueError as err:
        print(f"line {number}: {err}")
for plant, kilos in totals.items():
    print(f"{plant}: {sum(kilos):.2f} kg in {len(kilos)} beds")
print(list(countdown(5)), sum(countdown(10)))
g = countdown(2)
print(next(g), next(g), next(g, "done"))
mean = running_mean()
print([mean(v) for v in (2, 4, 9)])
print(area(3), area(3, height=5))
squares = (x * x for x in range(5))
print(next(squares), list(squares))
print(sorted(totals, key=lambda p: -sum(totals[p])), {v: k for k, v in enumerate("ab")})
