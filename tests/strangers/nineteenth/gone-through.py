class Team:
    def __init__(self, *names):
        self.names = list(names)
    def __iter__(self):
        return iter(self.names)
    def __len__(self):
        return len(self.names)
    def __eq__(self, other):
        return tuple(self) == tuple(other)
    def __lt__(self, other):
        return sorted(self) < sorted(other)
    def __add__(self, other):
        return Team(*(list(self) + list(other)))
    def __repr__(self):
        return "Team" + repr(tuple(self))
a, b = Team("Ada", "Bo"), Team("Cy")
print(a + b, a == b, a < b, set(a) == set(b), list(a)[0], max(a), sorted(a + b)[-1], len(list(a)))
print(reversed(list(a)) == list(a), list(reversed(list(a))), [*a] == [*b], list(a) == ["Ada", "Bo"])
for i, n in enumerate(a): print(i, n)
print(dict(zip(a, b)), list(a)[1].upper(), tuple(a) + tuple(b), list(map(str.upper, a)), "-".join(a), min(a) == "Ada", sum([len(n) for n in a]))
