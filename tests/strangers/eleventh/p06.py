students = [
    {"name": "Moss", "marks": [67, 82, 91]},
    {"name": "Fern", "marks": [55, 61]},
    {"name": "Clay", "marks": []},
]

def average(marks):
    try:
        return sum(marks) / len(marks)
    except ZeroDivisionError:
        return 0.0
    finally:
        pass

def grade(avg):
    match avg:
        case a if a >= 80:
            return "A"
        case a if a >= 60:
            return "B"
        case 0:
            return "-"
        case _:
            return "C"

for s in students:
    s["average"] = average(s["marks"])
    s |= {"grade": grade(s["average"])}
    print("{name:<6}{average:6.1f} {grade}".format(**s))

best = max(students, key=lambda s: s["average"])
print("best:", best["name"])
ranked = sorted(students, key=lambda s: (-s["average"], s["name"]))
print([s["name"] for s in ranked])
by_grade = {}
for s in students:
    by_grade.setdefault(s["grade"], []).append(s["name"])
print(by_grade)
print({k: len(v) for k, v in by_grade.items()})
names, *rest = zip(*[(s["name"], s["grade"]) for s in students])
print(names, rest)
matrix = [[1, 2, 3], [4, 5, 6]]
print([list(col) for col in zip(*matrix)], list(map(sum, matrix)))
a, b = b"x", "y" * 3
print(any(len(s["marks"]) == 0 for s in students), b[::-1], str(3).rjust(5, "."))
