marks = {"Wren": [8, 9], "Finch": [6, 7, 10]}
for name in sorted(marks):
    values = marks[name]
    print(f"{name:<8}{sum(values) / len(values):5.2f} best {max(values)}")
best = ""
for name, values in marks.items():
    if best == "" or sum(values) > sum(marks[best]):
        best = name
print(best)
