# Library of seeds - menu version
class NotEnoughSeeds(Exception):
    pass

class Packet:
    def __init__(self, name, count=0):
        self.name = name
        self.count = count

    def take(self, n):
        if n > self.count:
            raise NotEnoughSeeds(f"only {self.count} {self.name} left")
        self.count -= n
        return n

packets = {p.name: p for p in [Packet("bean", 12), Packet("pea", 5), Packet("leek")]}
for name, n in [("bean", 4), ("pea", 6), ("leek", 1), ("corn", 2)]:
    try:
        got = packets[name].take(n)
    except NotEnoughSeeds as e:
        print("Sorry:", e)
    except KeyError:
        print("No packet called", name)
    else:
        print("took", got, "of", name)
total = sum(p.count for p in packets.values())
print("left in all:", total)
