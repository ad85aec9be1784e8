class A:
    def __init__(self, name):
        self.name = name
    def __getitem__(self, place):
        return self.name[place]
a = A("pea")
print("e" in a, "x" in a, [c for c in a], list(a))
for c in a:
    print(c)
class B:
    def __iter__(self):
        yield 1
        yield 2
print(2 in B(), 3 in B(), max(B()), sum(B()))
