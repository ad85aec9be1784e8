# Student marks, with tuples, sets and functions as values
students = [
    ("Wren", 71, {"maths", "art"}),
    ("Finch", 48, {"art", "music"}),
    ("Lark", 93, {"maths"}),
    ("Robin", 60, set()),
]

def grade(mark):
    for limit, letter in [(90, "A"), (70, "B"), (50, "C")]:
        if mark >= limit:
            return letter
    return "F"

def apply(f, xs):
    return [f(x) for x in xs]

by_grade = {}
for name, mark, subjects in students:
    by_grade.setdefault(grade(mark), []).append(name)
print(by_grade)
print({n: m for n, m, _ in students if m > 50})
both = students[0][2] | students[1][2]
print(sorted(both), students[0][2] & students[1][2], students[0][2] - students[1][2], not students[3][2])
(_, best, _), *others = sorted(students, key=lambda s: s[1], reverse=True)
print(best, [o[0] for o in others])
print(apply(lambda m: m ** 2, [s[1] for s in students][:2]), apply(str.upper, ["ab", "c"]), apply(len, ["abc", ""]))
mean = sum(m for _, m, _ in students) / len(students)
sd = (sum((m - mean) ** 2 for _, m, _ in students) / len(students)) ** 0.5
print(f"mean {mean:.2f}, sd {sd:.3f}, median {sorted(s[1] for s in students)[len(students) // 2]}")
a, b = divmod(sum(s[1] for s in students), 7)
print(a, b, all(m > 40 for _, m, _ in students), any(m > 95 for _, m, _ in students))
assert mean > 0, "no marks"
print(*[f"{n:^9}|" for n, *_ in students], sep="")
