class Student:
    school = "Fernhollow"
    count = 0

    def __init__(self, name, year=7, *marks):
        self.name = name
        self.year = year
        self.marks = list(marks)
        Student.count += 1
        self.id = "{}-{:03d}".format(name[:2].upper(), Student.count)

    def add(self, *marks):
        for mark in marks:
            if not 0 <= mark <= 100:
                raise ValueError(f"mark out of range: {mark}")
            self.marks.append(mark)
        return self

    @property
    def average(self):
        return sum(self.marks) / len(self.marks) if self.marks else 0.0

    @property
    def grade(self):
        boundaries = [(90, "A*"), (80, "A"), (70, "B"), (60, "C"), (50, "D")]
        for limit, letter in boundaries:
            if self.average >= limit:
                return letter
        return "U"

    @staticmethod
    def header():
        return f"{'ID':<8}{'Name':<12}{'Year':>4}{'Avg':>8}  Grade"

    @classmethod
    def from_line(cls, line):
        name, year, *marks = [part.strip() for part in line.split(",")]
        return cls(name, int(year), *map(int, marks))

    def __str__(self):
        return f"{self.id:<8}{self.name:<12}{self.year:>4}{self.average:>8.2f}  {self.grade}"

    def __repr__(self):
        return "Student(%r, %d)" % (self.name, self.year)

    def __lt__(self, other):
        return (self.average, self.name) < (other.average, other.name)


DATA = """Rowan, 7, 55, 71, 90
Tansy, 8, 92, 95, 99
Ash, 7
Bryony, 9, 61, 64, 70, 81"""

students = [Student.from_line(line) for line in DATA.split("\n")]
students.append(Student("Sorrel").add(45, 52).add(49))

print(Student.header())
print("-" * len(Student.header()))
for s in sorted(students, reverse=True):
    print(s)

try:
    students[0].add(50, 101)
except ValueError as err:
    print("Error:", err)
print(students[0].marks)

by_year = {}
for s in students:
    by_year.setdefault(s.year, []).append(s)
for year in sorted(by_year):
    group = by_year[year]
    best = max(group, key=lambda s: s.average)
    print(f"Year {year}: {len(group)} pupils, best {best.name} ({best.average:.1f})", group)

print(min(students), "|", Student.count, "|", Student.school)
grades = {s.name: s.grade for s in students}
print(grades)
print({g: sorted(n for n, h in grades.items() if h == g) for g in sorted(set(grades.values()))})
