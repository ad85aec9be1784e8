"""Gradebook with classes and files kept in a string."""
import io
import csv

DATA = """name,maths,art,sport
Fern,90,75,
Moss,55,80,70
Ivy,,95,88
"""

class Pupil:
    passed = 60

    def __init__(self, name, **marks):
        self.name = name
        self.marks = {k: v for k, v in marks.items() if v is not None}

    def average(self):
        return sum(self.marks.values()) / len(self.marks) if self.marks else 0

    def __eq__(self, other):
        if not isinstance(other, Pupil):
            return NotImplemented
        return self.average() == other.average()

    def __lt__(self, other):
        return self.average() < other.average()

    def __contains__(self, subject):
        return subject in self.marks

    def __getitem__(self, subject):
        return self.marks[subject]

    def __len__(self):
        return len(self.marks)

    def __iter__(self):
        return iter(sorted(self.marks))

    def __bool__(self):
        return self.average() >= Pupil.passed

    def __repr__(self):
        return f"<{self.name}: {self.average():.1f}>"


def load(text):
    rows = list(csv.DictReader(io.StringIO(text)))
    return [Pupil(r.pop("name"), **{k: int(v) if v else None for k, v in r.items()}) for r in rows]


pupils = load(DATA)
print(pupils)
print(max(pupils), sorted(pupils, reverse=True)[0].name, pupils[0] == pupils[1])
print("art" in pupils[0], pupils[0]["maths"], len(pupils[2]), list(pupils[1]), bool(pupils[1]))
for p in pupils:
    for subject in p:
        print(p.name, subject, p[subject], "*" * (p[subject] // 10))
try:
    print(pupils[0]["sport"])
except KeyError as e:
    print("no mark in", e)
