# mistakes on purpose: what happens with wrong input
def safe_div(a, b):
    try:
        result = a / b
    except ZeroDivisionError:
        print("division by zero!")
        return None
    except TypeError as err:
        print("wrong type:", err)
        return None
    else:
        print("result is", result)
        return result
    finally:
        print("done")

class GardenError(Exception):
    """Base class."""

class TooDry(GardenError):
    def __init__(self, bed, level):
        self.bed = bed
        self.level = level
        super().__init__(f"{bed} has only {level}%")

class TooWet(GardenError):
    pass

def check(bed, level):
    if level < 20:
        raise TooDry(bed, level)
    if level > 90:
        raise TooWet("%s is flooded" % bed)
    if not isinstance(level, int):
        raise TypeError("level must be int")
    return "ok"

print(safe_div(6, 4))
print(safe_div(1, 0))
print(safe_div("6", 2))
for bed, level in [("north", 50), ("pond", 95), ("wall", 5), ("shed", 50.5)]:
    try:
        print(bed, check(bed, level))
    except TooDry as e:
        print("water it:", e, e.bed, e.level, e.args)
    except GardenError as e:
        print(type(e).__name__, "->", e)
    except Exception as e:
        print("other", repr(e))
def parse(s):
    try:
        return int(s)
    except ValueError as e:
        try:
            return float(s)
        except ValueError:
            raise ValueError(f"not a number: {s!r}") from e
for s in ["4", "4.5", "four", ""]:
    try: print(parse(s))
    except ValueError as e: print(e, "|", type(e.__cause__).__name__)
def risky():
    for i in range(3):
        try:
            if i == 1: continue
            if i == 2: return "left at 2"
            print("body", i)
        finally:
            print("cleanup", i)
print(risky())
try:
    [1, 2][5]
except (IndexError, KeyError) as e:
    print(e)
try:
    {}["x"]
except LookupError as e:
    print(repr(e))
try:
    int("12a")
except ValueError as e:
    print(e)
try:
    None.upper()
except AttributeError as e:
    print(e)
try:
    "a" + 1
except TypeError as e:
    print(e)
try:
    assert 1 > 2, "math is broken"
except AssertionError as e:
    print("assert:", e)
with open("notes.txt", "w") as f:
    f.write("line one\nline two\n")
with open("notes.txt") as f:
    for i, line in enumerate(f, 1):
        print(i, line.rstrip())
try:
    open("missing.txt")
except FileNotFoundError as e:
    print("no file")
raise TooWet("end")
