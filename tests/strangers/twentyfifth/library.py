# Library management (school project)
import sys

BOOKS = [
    ("B1", "Soil and Seed", 2),
    ("B2", "The Quiet Hive", 1),
    ("B3", "Pruning for All", 0),
]


class Library:
    def __init__(self, stock):
        self.stock = {code: [title, n] for code, title, n in stock}
        self.loans = {}

    def borrow(self, who, code):
        if code not in self.stock:
            print("Unknown code:", code)
            return False
        title, n = self.stock[code]
        if n == 0:
            print("Sorry, '%s' is out." % title)
            return False
        self.stock[code][1] -= 1
        self.loans.setdefault(who, []).append(code)
        print(f"{who} borrows {title!r}")
        return True

    def give_back(self, who, code):
        try:
            self.loans[who].remove(code)
        except KeyError:
            print(who, "has nothing")
        except ValueError:
            print(who, "does not have", code)
        else:
            self.stock[code][1] += 1
            if not self.loans[who]:
                del self.loans[who]

    def __len__(self):
        return sum(n for _, n in self.stock.values())

    def __iter__(self):
        for code in sorted(self.stock):
            yield code, *self.stock[code]


lib = Library(BOOKS)
lib.borrow("Moss", "B1")
lib.borrow("Moss", "B3")
lib.borrow("Ivy", "B9")
lib.give_back("Ivy", "B1")
lib.give_back("Moss", "B2")
lib.borrow("Ivy", "B2")
print(len(lib), lib.loans)
lib.give_back("Moss", "B1")
print(lib.loans)
for code, title, n in lib:
    print(code.ljust(4), title.center(20, "."), str(n).rjust(3))
longest = max((t for _, t, _ in lib), key=len)
print(longest, len(longest))
sys.stdout.write("done\n")
