class Bed:
    def __init__(self): self.rows = 3
b = Bed()
for thing in (b, 5, "x", [1], None):
    try:
        print(thing.water)
    except AttributeError as e:
        print(e)
    try:
        thing.dig(3)
    except AttributeError as e:
        print("No:", e)
try:
    b.rows.append(3)
except AttributeError as e:
    print(e)
