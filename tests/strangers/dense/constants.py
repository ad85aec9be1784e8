from dataclasses import dataclass, field

SIZE = 4
NAME = "bed"
FORM = "%s has %d"
ROW = "%5.1f|"


@dataclass
class Bed:
    name: str = NAME
    size: int = SIZE * 2
    plants: list = field(default_factory=list)

    def wider(self, by=SIZE):
        return self.size + by


b = Bed()
print(b, b.wider(), b.wider(1), FORM % (b.name, b.size), ROW % 2.5)


def shown(form, value):
    return form % value


print(shown("%03d", 7), shown("%s and %s", ("a", "b")), shown(17, 5), [ROW % x for x in (1, 2)])


class Shelf:
    rows = SIZE

    def __init__(self, rows=None, name=NAME):
        self.rows = rows or Shelf.rows
        self.name = name


print(Shelf().rows, Shelf(2).rows, Shelf().name)
