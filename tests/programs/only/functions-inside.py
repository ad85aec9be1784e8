# The counters of the garden gate.
def make_counter(start=0, by=1):
    count = start

    def step(times=1):
        """One guest or several."""
        nonlocal count
        for turn in range(times):
            count += by
        return count

    return step


guests = make_counter()
bees = make_counter(10, by=5)
print(guests(), guests(2), bees(), guests())


def apply_all(action, things):
    done = []
    for thing in things:
        done.append(action(thing))
    return done


def double(x):
    return x * 2


print(apply_all(double, [1, 2, 3]), apply_all(double, ["ab"]))
print(apply_all(lambda name: name.upper(), ["oak", "elm"]), apply_all(len, ["oak", "cedar"]))

signs = {"+": lambda x, y: x + y, "-": lambda x, y: x - y}
for sign in signs:
    print(sign, signs[sign](7, 3))


def paths(n):
    def walk(right, down):
        if right == 0 or down == 0:
            return 1
        return walk(right - 1, down) + walk(right, down - 1)

    return walk(n, n)


print(paths(3), make_counter(5)(2))
later = []


def plan():
    for day in range(3):
        def tell():
            return day

        later.append(tell)


plan()
print([tell() for tell in later])
actions = [double, abs, make_counter]
print(actions[0](4), actions[1](-3), actions[2](1)())
biggest = None


def watch(limit):
    def see(value):
        global biggest
        if biggest is None or value > biggest:
            biggest = value
        return value > limit

    return see


alarm = watch(30)
print([alarm(heat) for heat in [21, 34, 28]], biggest)
