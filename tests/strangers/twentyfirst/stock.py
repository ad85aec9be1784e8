"""Seed inventory with error handling, as a course's third chapter does it."""


class StockError(Exception):
    """Something is wrong with the stock."""

    def __init__(self, name, wanted, present):
        super().__init__(f"{name}: wanted {wanted}, only {present}")
        self.name = name
        self.wanted = wanted
        self.present = present


class Drawer:
    def __init__(self):
        self._items = {}

    def __enter__(self):
        print("drawer opened")
        return self

    def __exit__(self, kind, value, trace):
        print("drawer closed", kind is None)
        return False

    def put(self, name, count=1):
        self._items[name] = self._items.get(name, 0) + count

    def take(self, name, count=1):
        present = self._items.get(name, 0)
        if present < count:
            raise StockError(name, count, present)
        self._items[name] = present - count
        if not self._items[name]:
            del self._items[name]

    def __contains__(self, name):
        return name in self._items

    def __len__(self):
        return sum(self._items.values())

    def __iter__(self):
        return iter(sorted(self._items))


with Drawer() as drawer:
    drawer.put("bean", 4)
    drawer.put("pea")
    drawer.put("leek", 2)
    print(len(drawer), "bean" in drawer, "kale" in drawer)
    for name in drawer:
        print("-", name)
    drawer.take("pea")
    print(list(drawer))

try:
    with Drawer() as second:
        second.put("chard", 2)
        second.take("chard", 3)
except StockError as problem:
    print(problem)
    print(problem.name, problem.wanted - problem.present)
