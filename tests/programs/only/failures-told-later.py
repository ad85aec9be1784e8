# What a function tells of a failure that was caught around it, and which methods are the same.
class Bed:
    def __init__(self, name):
        self.name = name

    def water(self):
        return self.name + " is wet"


def read(text):
    try:
        return int(text, 0)
    except ValueError as problem:
        def told():
            return "not read: " + str(problem)
        return told()


for text in ["42", "0x1f", "-0b101", "0o17", "7 beds", " 10 "]:
    print(read(text))

one, other = Bed("rose bed"), Bed("herb bed")
kept = one.water
print(kept == one.water, kept == other.water, kept != other.water)
print([method() for method in [kept, other.water] if method == one.water])
