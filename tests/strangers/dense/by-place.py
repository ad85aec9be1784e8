class Shelf:
    def __init__(self, *jars): self.jars = list(jars)
    def __len__(self): return len(self.jars)
    def __getitem__(self, i): return self.jars[i]
    def __contains__(self, jar): return jar in self.jars
    def __lt__(self, other): return len(self) < len(other)
    def __repr__(self): return f"Shelf({len(self)})"
low, high = Shelf("fern", "moss"), Shelf()
for jar in low: print(jar, end=";")
print([j.upper() for j in low], list(high), "moss" in low, low[-1], sorted([low, high]), max(high, low))
print(f"{True:d}|{True:>5}|{False:5}|{True:.1f}|{True}|{True!s:>6}|{3:03d}|{255:#x}|{-5:+}|{5: d}|{'x':*^7}")
print(sum([[1], [2, 3]], []), sum([0.5], 1), sum([(1, 2)][0]))
